import { cappedMovement } from '../../movement/adapt/cappedMovement';
import { loweredMovement } from '../../movement/adapt/loweredMovement';
import { find as known, line } from '../../testing/cleanClass';
import { constant, movement, plan, line as sampleLine, timelineFor } from '../../testing/sample';
import { sessionDemand } from '../load/sessionDemand';
import { cueSheet } from '../report/cueSheet';
import { adaptedMovements } from './adaptMovement';
import { Depth, deepestFor, depthWords } from './line/depth';
import { offeredWays } from './offeredWays';
import type { Item, Plan } from './session';

const horse = known('horse');
const squat = known('squat');
if (!horse || !squat) throw new Error('there are a horse and a squat');
const FOUND: Depth = { deepest: 20, less: 12 };
const test1 = (depth: Depth | null): Item => sampleLine({ id: 'test', movementId: 'squat', count: 3, depth });
const of = (depth: Depth | null, after: Item): Plan =>
  plan([line('horse', 10), test1(depth), { ...after, id: 'after' }], constant(6));
const lowest = (one: Plan, itemId: string) => {
  const done = adaptedMovements(one, known).get(itemId);
  return Math.max(done?.start.sink ?? 0, ...(done?.parts.cycle ?? []).map(({ to }) => to.sink ?? 0));
};
/** How far the knees bend in a line as it is really reckoned, degrees. */
const reckoned = (one: Plan, itemId: string) =>
  Math.max(
    ...sessionDemand(one, timelineFor(one, horse, squat), known)
      .filter((piece) => piece.itemId === itemId)
      .map(({ demand }) => demand.sink),
  );

test('what comes after the line that finds the depth goes no lower; what stands before it, and the line itself, as written', () => {
  const one = of(FOUND, line('horse', 10));
  const [before] = one.sections[0]?.items ?? [];
  expect([deepestFor(one.sections, before?.id ?? ''), deepestFor(one.sections, 'test')]).toEqual([null, null]);
  expect(deepestFor(one.sections, 'after')).toBe(20);
  expect(lowest(one, before?.id ?? '')).toBe(horse.start.sink);
  expect(lowest(one, 'test')).toBe(24);
  expect(lowest(one, 'after')).toBe(20);
});

test('it holds in rounds that would go lower and through a ramp, where strain is reckoned too', () => {
  const lower = sampleLine({
    movementId: 'squat',
    count: 4,
    rounds: 3,
    lower: 15,
    ramp: { what: 'sink', from: 0, to: 30 },
  });
  expect(reckoned(of(null, lower), 'after')).toBeGreaterThan(50);
  expect(reckoned(of(FOUND, lower), 'after')).toBeLessThanOrEqual(20.5);
  expect(cappedMovement(loweredMovement(horse, 20), 25).start.sink).toBe(25);
});

test('what never goes so low is the movement itself, the same depth the same object, and a chair is no depth', () => {
  expect(cappedMovement(horse, 90)).toBe(horse);
  expect(cappedMovement(horse, 20)).toBe(cappedMovement(horse, 20));
  const seated = movement({
    id: 'seated',
    start: { stance: 'seated', load: { left: 15, right: 15, seat: 70 }, sink: 88, arms: 'hanging' },
  });
  expect(cappedMovement(seated, 25)).toBe(seated);
});

test('it is said where it keeps something higher, with where whoever goes less stays', () => {
  const one = of(FOUND, line('horse', 10));
  const cues = cueSheet(one, timelineFor(one, horse, squat), known, { facing: 'mirrored', words: 'sides' });
  expect(cues.map((cue) => cue.lowest)).toEqual(['', '', 'no lower than 20° today, or 12° for who goes less']);
  expect(depthWords({ deepest: 30, less: null })).toBe('no lower than 30° today');
});

test('who goes less is one of the ways of the class: the band of strain begins with them', () => {
  const one = of(FOUND, line('horse', 10));
  const [less, ...more] = offeredWays(one);
  if (!less) throw new Error('somebody goes less');
  expect(more).toEqual([]);
  expect(lowest(less, 'after')).toBe(12);
  expect(lowest(one, 'after')).toBe(20);
  expect(offeredWays(of({ deepest: 20, less: null }, line('horse', 10)))).toEqual([]);
});

test('whoever goes less goes less', () => {
  expect(Depth.safeParse({ deepest: 25, less: 30 }).success).toBe(false);
});
