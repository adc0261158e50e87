import { newPause } from '../session/plan/defaults';
import { Session } from '../session/plan/session';
import { segmentAt } from '../session/timeline/segmentAt';
import { fc } from '../testing/properties';
import { beats, line, movement, natural, plan, timelineFor } from '../testing/sample';
import { loggedItems } from './classLog';
import { advance } from './running/advance';
import { comesNext } from './running/comesNext';
import { momentOf } from './running/moment';
import { back, changeTempo, onceMore, skip, togglePause } from './running/steer';
import { remainingMs } from './standing/remaining';
import { beginTeaching, type Teaching } from './standing/teaching';

const repertoire = [movement(), movement({ id: 'swing', parts: { cycle: [beats(4, 60)] } })];
const thePlan = plan([
  line({ id: 'lift', count: 3 }),
  line({ id: 'swing', movementId: 'swing', count: 5 }),
  newPause('rest', 'rest', 10),
]);
const timeline = timelineFor(thePlan, ...repertoire);
const at = (ms: number): Teaching => advance(timeline, beginTeaching(), ms);

describe('letting time pass', () => {
  test('in one long step or many short ones comes to the same place', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 9000 }), { maxLength: 20 }),
        fc.double({ min: 0.6, max: 1.6, noNaN: true }),
        (steps, tempo) => {
          const start = { ...beginTeaching(), tempo };
          const many = steps.reduce((teaching, step) => advance(timeline, teaching, step), start);
          const once = advance(
            timeline,
            start,
            steps.reduce((sum, step) => sum + step, 0),
          );
          expect(many.planMs).toBeCloseTo(once.planMs, 6);
          expect(many.completed).toEqual(once.completed);
        },
      ),
    );
  });

  test('as planned, the whole plan takes its time and completes every repetition', () => {
    expect(at(60_000)).toMatchObject({ planMs: 60_000, finished: true, completed: { lift: 3, swing: 5, rest: 1 } });
    expect(at(60_000).spent).toEqual({ lift: 30_000, swing: 20_000, rest: 10_000 });
  });

  test('slower stretches what goes by breath and leaves beats and rests alone', () => {
    const slow = advance(timeline, { ...beginTeaching(), tempo: 0.5 }, 60_000);
    expect(slow.planMs).toBe(30_000);
    expect(advance(timeline, slow, 30_000)).toMatchObject({ planMs: 60_000, wallMs: 90_000, finished: true });
  });

  test('a pause is spent on the line it falls on and moves nothing', () => {
    const paused = advance(timeline, togglePause(at(5000)), 7000);
    expect(paused).toMatchObject({ planMs: 5000, wallMs: 12_000, spent: { lift: 12_000 } });
    expect(advance(timeline, togglePause(paused), 1000).planMs).toBe(6000);
  });
});

describe('steering', () => {
  test('skip goes to the next line and does not count what was left out', () => {
    const skipped = skip(timeline, at(12_000));
    expect(skipped.planMs).toBe(30_000);
    expect(skipped.completed).toEqual({ lift: 1 });
    expect(skip(timeline, at(55_000)).finished).toBe(true);
  });

  test('back returns to the beginning of the line, and soon after it to the line before', () => {
    expect(back(timeline, at(45_000)).planMs).toBe(30_000);
    expect(back(timeline, at(31_000)).planMs).toBe(0);
    expect(back(timeline, at(1000)).planMs).toBe(0);
  });

  test('once more adds a repetition and the breath runs on unbroken', () => {
    const again = onceMore(timeline, at(17_000));
    expect(again.planMs).toBe(7000);
    expect(advance(timeline, again, 23_000).completed.lift).toBe(4);
    expect(momentOf(timeline, again)?.fullness).toBe(momentOf(timeline, at(17_000))?.fullness);
  });

  test('once more in the first repetition begins it again, and with nothing to repeat does nothing', () => {
    expect(onceMore(timeline, at(7000)).planMs).toBe(0);
    expect(onceMore(timeline, at(55_000)).planMs).toBe(55_000);
  });

  test('once more on an alternating line goes back to the same side', () => {
    const turns = movement({ laterality: { sides: { kind: 'alternating', first: 'left', repetition: 'one-side' } } });
    const alternating = timelineFor(plan([line({ count: 4 })]), turns);
    expect(onceMore(alternating, advance(alternating, beginTeaching(), 32_000)).planMs).toBe(12_000);
  });

  test('a step slower and a step faster cancel out, within limits', () => {
    expect(changeTempo(changeTempo(beginTeaching(), -1), 1).tempo).toBe(1);
    const slowest = Array.from({ length: 50 }).reduce<Teaching>(
      (teaching) => changeTempo(teaching, -1),
      beginTeaching(),
    );
    expect(slowest.tempo).toBe(0.5);
  });
});

describe('the moment', () => {
  test('the breath is empty at the start, full between in and out, half way in the middle', () => {
    const fullness = [0, 2500, 5000, 7500].map((ms) => momentOf(timeline, at(ms))?.fullness);
    expect(fullness).toEqual([0, 0.5, 1, 0.5]);
  });

  test('says the pace, the repetitions left and how far behind the plan the class is', () => {
    expect(momentOf(timeline, at(12_000))).toMatchObject({ pace: 6, left: 2, behindMs: 0, segmentLeftMs: 3000 });
    expect(momentOf(timeline, { ...at(12_000), tempo: 0.5 })).toMatchObject({ pace: 3, segmentLeftMs: 6000 });
    expect(momentOf(timeline, advance(timeline, togglePause(at(12_000)), 4000))?.behindMs).toBe(4000);
    expect(momentOf(timeline, at(55_000))).toMatchObject({ pace: null, left: null, fullness: 0.5 });
  });

  test('a half shared by two spans swells once, not twice', () => {
    const half = { breath: 'in' as const, length: { kind: 'span' as const, share: 0.5 }, to: {}, call: 'Rise' };
    const two = timelineFor(
      plan([line()]),
      movement({ parts: { cycle: [half, half, { ...half, breath: 'out', length: { kind: 'span', share: 1 } }] } }),
    );
    expect(momentOf(two, advance(two, beginTeaching(), 2500))?.fullness).toBeCloseTo(0.5, 9);
  });

  test('natural breaths swell once each', () => {
    const post = timelineFor(plan([line({ count: 1 })]), movement({ parts: { cycle: [natural(2)] } }));
    expect([0, 5000, 10_000, 15_000].map((ms) => momentOf(post, advance(post, beginTeaching(), ms))?.fullness)).toEqual(
      [0, 1, 0, 1],
    );
  });

  test('what is left of the plan follows the tempo where it breathes', () => {
    expect(remainingMs(timeline, at(12_000))).toBe(48_000);
    expect(remainingMs(timeline, { ...at(12_000), tempo: 0.5 })).toBe(36_000 + 30_000);
    expect(remainingMs(timeline, at(60_000))).toBe(0);
  });

  test('the next line is the next one that takes any time', () => {
    expect(comesNext(timeline, 0)?.itemId).toBe('swing');
    expect(comesNext(timeline, timeline.segments.length - 1)).toBeNull();
  });

  test('an empty class has no moment', () => expect(momentOf(timelineFor(plan([])), beginTeaching())).toBeNull());
});

test('the log says what became of every line, in the planned order', () => {
  const session = Session.parse({
    ...thePlan,
    id: 'class',
    title: 'Class',
    groupId: null,
    date: null,
    startsAt: '19:00',
  });
  const find = (id: string) => repertoire.find((candidate) => candidate.id === id);
  const repeated = onceMore(timeline, at(25_000));
  const cut = skip(timeline, advance(timeline, repeated, 15_000 + 9000));
  const end = skip(timeline, cut);
  const rows = loggedItems(session, timeline, end, find).map(
    ({ title, plannedTimes, doneTimes, actualMs, outcome }) => [title, plannedTimes, doneTimes, actualMs, outcome],
  );
  expect(rows).toEqual([
    ['Sample Lift', 3, 4, 40_000, 'done more'],
    ['Sample Lift', 5, 2, 9000, 'cut short'],
    ['Rest', 1, 0, 0, 'left out'],
  ]);
  expect(segmentAt(timeline, end.planMs)).toBe(timeline.segments.length - 1);
});
