import { act, screen, waitFor } from '@testing-library/react';
import type { Asked } from '../../../../../core/session/findings/finding/finding';
import { type Plan, Session } from '../../../../../core/session/plan/session';
import { classWith, line } from '../../../../../core/testing/cleanClass';
import { WorkerGone } from '../../../../app/machine/startWorker';
import { renderDesk } from '../../../../testing/renderDesk';
import { edited } from '../../draft/draft';
import { useJudgement } from './useJudgement';

/** A judge that answers when it is told to, and remembers what it was asked about. */
interface Question {
  readonly plan: Plan;
  readonly answer: () => void;
  readonly die: () => void;
}
const questions: Question[] = [];
jest.mock('../../../../class/people/theJudge', () => ({
  askJudge: async (_: unknown, question: (judge: unknown) => Promise<unknown>) =>
    question({
      judge: (plan: Plan) =>
        new Promise((resolve, reject) =>
          questions.push({
            plan,
            answer: () => resolve({ findings: [], tide: null }),
            die: () => reject(new WorkerGone(true)),
          }),
        ),
      judgePatiently: async () => [],
    }),
}));

const asked: Asked = { strength: 'strong', pace: { least: 3, most: 10 }, known: null };
const tuesday = Session.parse({
  ...classWith({ main: [line('lift', 6, { id: 'lift-a' })] }),
  id: 'tuesday',
  title: 'Tuesday',
  groupId: null,
  date: null,
  startsAt: '19:00',
});

function Judged() {
  const { findings, failure } = useJudgement(asked, true);
  return <p>{failure ? `failed: ${failure.reason}` : findings ? 'judged' : 'not judged yet'}</p>;
}

beforeEach(() => {
  questions.length = 0;
});
const open = () => renderDesk(<Judged />, tuesday);
const last = (): Question => questions.at(-1) as Question;

test('a class that changes while it is judged is judged once more when that is done, as it is then: what lay between is passed over', async () => {
  const { store } = await open();
  await waitFor(() => expect(questions).toHaveLength(1));
  act(() => {
    for (let minutes = 31; minutes <= 50; minutes += 1)
      store.dispatch(edited({ classId: 'tuesday', edits: [{ kind: 'head', to: { slotMinutes: minutes } }] }));
  });
  expect(questions).toHaveLength(1);
  await act(async () => last().answer());
  await waitFor(() => expect(questions).toHaveLength(2));
  expect(last().plan.slotMinutes).toBe(50);
  expect(screen.queryByText('judged')).toBeNull();
  await act(async () => last().answer());
  await screen.findByText('judged');
  expect(questions).toHaveLength(2);
});

test('a judge that dies says so, and another class is judged all the same', async () => {
  const { store } = await open();
  await waitFor(() => expect(questions).toHaveLength(1));
  await act(async () => last().die());
  await screen.findByText('failed: The work stopped of itself.');
  act(() => void store.dispatch(edited({ classId: 'tuesday', edits: [{ kind: 'head', to: { slotMinutes: 40 } }] })));
  await waitFor(() => expect(questions).toHaveLength(2));
  await act(async () => last().answer());
  await screen.findByText('judged');
});
