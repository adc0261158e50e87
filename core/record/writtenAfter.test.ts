import { timelineOf } from '../session/schedule/timeline';
import { classWith, find, line } from '../testing/cleanClass';
import { session } from '../testing/sample';
import { observationsOf } from './calibrate';
import { witnessedIn } from './witnessed';
import { itemsWrittenAfter } from './writtenAfter';

const plan = { ...session(), ...classWith({ main: [line('lift', 6), line('sidesteps', 4)] }), groupId: 'evening' };
const answer = timelineOf(plan, find);
if (!answer.ok) throw new Error('a class of known movements');
const { timeline } = answer;
const NONE: ReadonlySet<string> = new Set();
const main = plan.sections[2]?.items[1]?.id ?? '';

test('everything as planned is the plan, and all of it is assumed', () => {
  const items = itemsWrittenAfter(plan, timeline, find, { leftOut: NONE, tookMs: timeline.totalMs });
  expect(items.map(({ actualMs }) => actualMs)).toEqual(items.map(({ plannedMs }) => plannedMs));
  expect(items.every(({ outcome }) => outcome === 'done')).toBe(true);
  expect(new Set(witnessedIn(items))).toEqual(new Set(['assumed']));
  expect(observationsOf({ items, plan })).toEqual([]);
});

test('what was left out took no time, and the rest sums to what the class took', () => {
  const items = itemsWrittenAfter(plan, timeline, find, { leftOut: new Set([main]), tookMs: 1_234_567 });
  expect(items.find(({ itemId }) => itemId === main)).toMatchObject({ outcome: 'left out', actualMs: 0, doneTimes: 0 });
  expect(items.reduce((sum, { actualMs }) => sum + actualMs, 0)).toBe(1_234_567);
});

test('a class of which all was left out took nothing of its lines', () => {
  const all = new Set(plan.sections.flatMap(({ items }) => items.map(({ id }) => id)));
  const items = itemsWrittenAfter(plan, timeline, find, { leftOut: all, tookMs: 60_000 });
  expect(items.every(({ actualMs }) => actualMs === 0)).toBe(true);
});
