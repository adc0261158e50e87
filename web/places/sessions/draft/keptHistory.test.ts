import { changeLine, removeLine } from '../../../../core/session/editPlan';
import type { Session } from '../../../../core/session/session';
import { constant, line, plan } from '../../../../core/testing/sample';
import { packHistory, unpackHistory } from './keptHistory';

const session: Session = {
  ...plan(
    Array.from({ length: 60 }, (_, n) => line({ id: `l${n}` })),
    constant(6),
  ),
  id: 'a-class',
  title: 'A class',
  groupId: null,
  date: null,
  startsAt: '19:00',
  setAside: [],
  family: null,
};
/** A hundred steps, each changing one line. */
const steps: Session[] = [session];
for (let step = 0; step < 100; step += 1)
  steps.push(changeLine(steps.at(-1) as Session, `l${step % 60}`, (item) => ({ ...item, note: `step ${step}` })));

test('a hundred steps come back as they were, in little room', () => {
  const history = { past: steps.slice(0, -1), present: steps.at(-1) as Session, future: [removeLine(session, 'l3')] };
  const text = packHistory(history);
  expect(unpackHistory(text)).toEqual(history);
  expect(text.length).toBeLessThan(JSON.stringify(history).length / 10);
});

test.each([
  ['nothing', ''],
  ['another thing', '{"past": 3}'],
  [
    'a line that is not there',
    packHistory({ past: [], present: session, future: [] }).replace('"items":[0,1', '"items":[0,700'),
  ],
])('%s is no history', (_what, text) => expect(unpackHistory(text)).toBeNull());
