import { screen, waitFor, within } from '@testing-library/react';
import { analyseClass } from '../../../../../core/session/findings/finding/analyseClass';
import type { Asked, Finding } from '../../../../../core/session/findings/finding/finding';
import { findingsOf } from '../../../../../core/session/findings/judge';
import { triedRemedies } from '../../../../../core/session/findings/preview';
import { sensitivityOf } from '../../../../../core/session/findings/sensitivity';
import { Session } from '../../../../../core/session/plan/session';
import { classWith, contextWith, line } from '../../../../../core/testing/cleanClass';
import { WorkerGone } from '../../../../app/machine/startWorker';
import { renderDesk } from '../../../../testing/renderDesk';
import { selectSession, useDeskSelector } from '../../draft/draftStore';
import { Noticed } from './Noticed';

/** The judge at home: what the worker would answer, or how it would die. */
let dies = false;
jest.mock('../../../../class/people/theJudge', () => ({
  letMenderGo: () => undefined,
  askMender: async (_: unknown, question: (judge: unknown) => Promise<unknown>) => {
    if (dies) throw new WorkerGone(true);
    return question({
      remedies: async (plan: Session, _asked: Asked, finding: Finding) => {
        const analysed = analyseClass(plan, contextWith());
        return analysed ? triedRemedies(analysed, finding) : [];
      },
      sensitivity: async (plan: Session, _asked: Asked, finding: Finding) => {
        const analysed = analyseClass(plan, contextWith());
        return analysed ? sensitivityOf(analysed, finding) : [];
      },
    });
  },
}));

const asked: Asked = { strength: 'strong', pace: { least: 3, most: 10 }, known: null };
const tuesday = Session.parse({
  ...classWith({ main: [line('up', 65, { id: 'up-a' })] }),
  id: 'tuesday',
  title: 'Tuesday',
  groupId: null,
  date: null,
  startsAt: '19:00',
});

function Open() {
  const session = useDeskSelector(selectSession);
  const analysed = session && analyseClass(session, contextWith());
  return (
    session && (
      <Noticed
        session={session}
        askedOf={{ asked, group: null, hall: null, recent: new Set() }}
        findings={{ open: analysed ? findingsOf(analysed) : [], aside: [] }}
        itemId={null}
      />
    )
  );
}
const open = async () => {
  const drawn = await renderDesk(<Open />, tuesday);
  const finding = screen.getByText(/Hands stay overhead for 65 s/).closest('li') as HTMLElement;
  await drawn.act(async () => {
    const details = finding.querySelector('details') as HTMLDetailsElement;
    details.open = true;
    details.dispatchEvent(new Event('toggle'));
  });
  return { ...drawn, finding };
};

beforeEach(() => {
  dies = false;
});

test('a finding says why with its figures, and what would mend it; taking that mends it', async () => {
  const { user, now, finding } = await open();
  expect(finding.textContent).toMatch(/65 s without a break; 60 s is said, 120 s is too long/);
  const remedies = await within(finding).findByRole('list', { name: 'What would mend it' });
  const [first] = within(remedies).getAllByRole('button');
  expect(remedies.textContent).toMatch(/in all/);
  await within(finding).findByText('Gone at 60.');
  await user.click(first as HTMLElement);
  expect(now()).not.toEqual(tuesday);
  await waitFor(() => expect(screen.queryByText(/Hands stay overhead/)).toBeNull());
});

test('a finding is set aside with its reason', async () => {
  const { user, now, finding } = await open();
  await user.type(
    within(finding).getByRole('textbox', { name: 'Reason to set it aside' }),
    'A short one, they asked for it',
  );
  await user.click(within(finding).getByRole('button', { name: 'Set aside' }));
  expect(now().setAside).toMatchObject([{ key: 'overhead-long up-a', reason: 'A short one, they asked for it' }]);
});

test('where the work that tries remedies dies, that is said, and it is tried again on asking', async () => {
  dies = true;
  const { user, finding } = await open();
  expect((await within(finding).findByRole('alert')).textContent).toContain('stopped of itself');
  dies = false;
  await user.click(within(finding).getByRole('button', { name: 'Try again' }));
  await within(finding).findByRole('list', { name: 'What would mend it' });
});
