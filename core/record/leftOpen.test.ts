import { timelineOf } from '../session/schedule/timeline';
import { classWith, find, line } from '../testing/cleanClass';
import { session } from '../testing/sample';
import { leftOpen, withAnswer } from './leftOpen';
import { itemsWrittenAfter } from './writtenAfter';

const sessionOf = (main: ReturnType<typeof line>[]) => ({ ...session(), ...classWith({ main }), groupId: 'evening' });
const [lifted, stepped] = [line('lift', 6), line('sidesteps', 4)];
const plan = sessionOf([lifted, stepped]);

const logOf = (leftOut: readonly string[], answered: readonly string[] = []) => {
  const answer = timelineOf(plan, find);
  if (!answer.ok) throw new Error('a class of known movements');
  const { timeline } = answer;
  return {
    id: 'log',
    sessionId: plan.id,
    startedAt: '2026-11-20T19:05:00+00:00',
    endedAt: '2026-11-20T20:05:00+00:00',
    plan,
    items: itemsWrittenAfter(plan, timeline, find, { leftOut: new Set(leftOut), tookMs: timeline.totalMs }),
    attendance: null,
    notes: '',
    stops: [],
    answered: [...answered],
    letGo: [],
  };
};

test('what was left out and is not in the next class can be put in, at the end of its section', () => {
  const next = sessionOf([line('lift', 6)]);
  const [open] = leftOpen(logOf([stepped.id]), next, find);
  expect(open).toMatchObject({ itemId: stepped.id, outcome: 'left out' });
  const [answer] = open?.answers ?? [];
  expect(answer?.kind).toBe('put-in');
  const after = answer ? withAnswer(next, answer) : next;
  const main = after.sections.find(({ kind }) => kind === 'main')?.items ?? [];
  expect(main.at(-1)).toMatchObject({ kind: 'movement', movementId: 'sidesteps', count: 4, origin: null });
  expect(new Set(main.map(({ id }) => id)).size).toBe(main.length);
  // Put in, it is there again, and is not put in twice.
  expect(leftOpen(logOf([stepped.id]), after, find)[0]?.answers.map(({ kind }) => kind)).not.toContain('put-in');
});

test('what was cut short and is in the next class again can be taken higher; what was left out only has to be there', () => {
  const next = sessionOf([line('sidesteps', 4)]);
  const log = logOf([stepped.id]);
  expect(leftOpen(log, next, find)[0]).toMatchObject({ isThere: true, answers: [] });
  const short = {
    ...log,
    items: log.items.map((item) => (item.itemId === stepped.id ? { ...item, outcome: 'cut short' as const } : item)),
  };
  const [answer] = leftOpen(short, next, find)[0]?.answers ?? [];
  expect(answer?.kind).toBe('higher');
  const after = answer ? withAnswer(next, answer) : next;
  const items = after.sections.flatMap((section) => section.items);
  const item = items.find((one) => one.kind === 'movement' && one.movementId === 'sidesteps');
  expect(item?.kind === 'movement' && item.ramp).toEqual({ what: 'sink', from: -10, to: -10 });
});

test('what was done is not open, and what was answered is let rest', () => {
  expect(leftOpen(logOf([]), plan, find)).toEqual([]);
  expect(leftOpen(logOf([stepped.id], [stepped.id]), plan, find)).toEqual([]);
});
