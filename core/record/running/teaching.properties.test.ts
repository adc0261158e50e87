import { newPause } from '../../session/plan/defaults';
import { explainItem } from '../../session/report/explain';
import type { Timeline } from '../../session/timeline/segment';
import { fc } from '../../testing/properties';
import { beats, inBreath, line, movement, natural, outBreath, plan, session, timelineFor } from '../../testing/sample';
import { loggedItems } from '../classLog';
import { remainingMs } from '../standing/remaining';
import { beginTeaching, type Teaching } from '../standing/teaching';
import { advance } from './advance';
import { markPresent, welcomeNewcomer } from './comers';
import { momentOf } from './moment';
import { back, changeTempo, onceMore, skip, togglePause } from './steer';

const repertoire = [
  movement({ id: 'even' }),
  movement({ id: 'sides', laterality: { sides: { kind: 'each-side', first: 'right' } } }),
  movement({ id: 'turns', laterality: { sides: { kind: 'alternating', first: 'left', repetition: 'one-side' } } }),
  movement({ id: 'open', count: { unit: 'repetitions', least: 1, usual: 4, most: 9, step: 1, ends: 'open' } }),
  movement({ id: 'beats', parts: { entry: [inBreath], cycle: [beats(3, 60), natural(1)], exit: [outBreath] } }),
];

const timelines: fc.Arbitrary<Timeline> = fc
  .array(
    fc.record({
      movementId: fc.constantFrom(...repertoire.map(({ id }) => id)),
      count: fc.integer({ min: 1, max: 6 }),
      rounds: fc.integer({ min: 1, max: 2 }),
      manner: fc.constantFrom('explained', 'quiet'),
    }),
    { minLength: 1, maxLength: 6 },
  )
  .map((items) =>
    timelineFor(
      plan([newPause('talk', 'talk', 20), ...items.map((item, index) => line({ ...item, id: `line-${index}` }))]),
      ...repertoire,
    ),
  );

type Deed = (timeline: Timeline, teaching: Teaching) => Teaching;
const deeds: fc.Arbitrary<Deed> = fc.oneof(
  fc.integer({ min: 0, max: 60_000 }).map(
    (ms): Deed =>
      (timeline, teaching) =>
        advance(timeline, teaching, ms),
  ),
  fc.constantFrom<Deed>(
    skip,
    back,
    onceMore,
    (_, teaching) => togglePause(teaching),
    (_, teaching) => changeTempo(teaching, 1),
    (_, teaching) => changeTempo(teaching, -1),
    (_, teaching) => welcomeNewcomer(teaching),
    (_, teaching) => markPresent(teaching, 'ada'),
  ),
);

test('whatever is done to a class, it stays inside its plan and wall time is spent on its lines to the millisecond', () => {
  fc.assert(
    fc.property(timelines, fc.array(deeds, { maxLength: 40 }), (timeline, done) => {
      const end = done.reduce(
        (teaching, deed) => (teaching.finished ? teaching : deed(timeline, teaching)),
        beginTeaching(),
      );
      expect(end.planMs).toBeGreaterThanOrEqual(0);
      expect(end.planMs).toBeLessThanOrEqual(timeline.totalMs + 1e-6);
      const spent = Object.values(end.spent).reduce((sum, ms) => sum + ms, 0);
      expect(spent).toBeCloseTo(end.wallMs, 4);
      const moment = momentOf(timeline, end);
      expect(moment?.fullness).toBeGreaterThanOrEqual(0);
      expect(moment?.fullness).toBeLessThanOrEqual(1);
    }),
  );
});

test('a class left alone that has no time to wait completes every repetition of its plan once', () => {
  fc.assert(
    fc.property(timelines, fc.integer({ min: 7, max: 9000 }), (timeline, step) => {
      let teaching = beginTeaching(0);
      while (!teaching.finished) teaching = advance(timeline, teaching, step);
      for (const { itemId } of timeline.items) {
        const planned = explainItem(timeline, itemId)
          .filter(({ kind }) => kind === 'move')
          .reduce((sum, { times }) => sum + times, 0);
        if (itemId !== 'talk') expect(teaching.completed[itemId]).toBe(planned);
      }
    }),
  );
});

test('what remains is what it then takes', () => {
  fc.assert(
    fc.property(
      timelines,
      fc.double({ min: 0, max: 0.99, noNaN: true }),
      fc.integer({ min: -5, max: 5 }),
      (timeline, at, steps) => {
        let teaching = advance(timeline, beginTeaching(0), at * timeline.totalMs);
        for (let step = 0; step < Math.abs(steps); step += 1) teaching = changeTempo(teaching, steps > 0 ? 1 : -1);
        const left = remainingMs(timeline, teaching);
        expect(advance(timeline, teaching, left + 0.001).finished).toBe(true);
        expect(advance(timeline, teaching, Math.max(0, left - 1)).finished).toBe(left <= 1);
      },
    ),
  );
});

test('the record of whatever was done is true: its lines sum to the wall time, and what became of each follows from how often it was done', () => {
  fc.assert(
    fc.property(timelines, fc.array(deeds, { maxLength: 40 }), (timeline, done) => {
      const end = done.reduce(
        (teaching, deed) => (teaching.finished ? teaching : deed(timeline, teaching)),
        beginTeaching(timeline.totalMs),
      );
      const items = loggedItems(session(), timeline, end, () => undefined);
      expect(items.reduce((sum, { actualMs }) => sum + actualMs, 0)).toBe(Math.round(end.wallMs));
      for (const { itemId, plannedTimes, doneTimes, outcome, actualMs } of items) {
        expect(doneTimes).toBe(end.completed[itemId] ?? 0);
        const waits = timeline.items.find((one) => one.itemId === itemId)?.waits;
        if (outcome === 'left out') expect([doneTimes, actualMs < 3000]).toEqual([0, true]);
        if (outcome === 'done more') expect(doneTimes).toBeGreaterThan(plannedTimes);
        if (outcome === 'cut short') expect(doneTimes).toBeLessThan(plannedTimes);
        if (outcome === 'done' && waits?.for !== 'count') expect(doneTimes).toBe(plannedTimes);
      }
    }),
  );
});
