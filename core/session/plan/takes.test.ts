import { inBreath, line, movement, outBreath, plan, timelineFor } from '../../testing/sample';
import { explainItem } from '../report/explain';
import { newPause } from './defaults';
import { Takes, timesOf } from './takes';

const sided = movement({
  id: 'sided',
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  parts: { cycle: [inBreath, outBreath] },
});
const of = plan([
  line({ id: 'moved', movementId: 'sided', count: 4, manner: 'explained' }),
  newPause('talk', 'talk', 60),
  newPause('rest', 'rest', 30),
]);
const partsOf = (takes: Takes, itemId: string) =>
  Object.fromEntries(explainItem(timelineFor({ ...of, takes }, sided), itemId).map(({ kind, ms }) => [kind, ms]));

test('by a measure of its own naming and showing take so much longer, and what is breathed does not', () => {
  const usual = partsOf({}, 'moved');
  const measured = partsOf({ naming: 1.5, showing: 2 }, 'moved');
  expect(measured.naming).toBeCloseTo(1.5 * (usual.naming ?? 0), -1);
  expect(measured.showing).toBeCloseTo(2 * (usual.showing ?? 0), -1);
  expect(measured.move).toBe(usual.move);
});

test('sixty seconds of talk at 1.4 are 84, a rest is a rest', () => {
  expect(partsOf({ talk: 1.4 }, 'talk')).toEqual({ talk: 84_000 });
  expect(partsOf({ talk: 1.4 }, 'rest')).toEqual({ rest: 30_000 });
  expect(timelineFor({ ...of, takes: {} }, sided)).toEqual(timelineFor(of, sided));
});

test('the parts of a class still sum to the whole', () => {
  const timeline = timelineFor({ ...of, takes: { naming: 1.37, change: 0.81, talk: 1.23 } }, sided);
  expect(timeline.segments.reduce((sum, { lengthMs }) => sum + lengthMs, 0)).toBe(timeline.totalMs);
});

test('a measure is of a part that is reckoned so, and no further from the usual than three times', () => {
  expect(Takes.safeParse({ moving: 2 }).success).toBe(false);
  expect(Takes.safeParse({ talk: 4 }).error?.issues[0]?.path).toEqual(['talk']);
  expect(timesOf({ talk: 1.4 }, 'talk')).toBe(1.4);
  expect(timesOf(undefined, 'talk')).toBe(1);
});
