import { newPause } from '../../session/plan/defaults';
import type { Item } from '../../session/plan/session';
import type { Timeline } from '../../session/timeline/segment';
import { fc } from '../../testing/properties';
import { constant, line, movement, natural, plan, timelineFor } from '../../testing/sample';
import { loggedItems } from '../classLog';
import { advance } from '../running/advance';
import { back, skip } from '../running/steer';
import { openNow } from './openLine';
import { beginTeaching, type Teaching } from './teaching';

/** At six breaths a minute each of its repetitions lasts ten seconds. */
const one = movement({ id: 'one', parts: { cycle: [natural(1)] } });
const sides = movement({
  id: 'sides',
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  parts: { cycle: [natural(1)] },
});
const turns = movement({
  id: 'turns',
  laterality: { sides: { kind: 'alternating', first: 'left', repetition: 'one-side' } },
  parts: { cycle: [natural(1)] },
});
const SECOND = 1000;
const classOf = (...items: Item[]) => timelineFor(plan(items, constant(6)), one, sides, turns);
const open = (movementId: string, more: Record<string, unknown> = {}) =>
  line({
    id: 'a',
    movementId,
    count: 4,
    manner: 'quiet',
    ends: { by: 'instructor' },
    range: { least: 2, most: 6 },
    ...more,
  });
const then = line({ id: 'b', movementId: 'one', count: 3, manner: 'quiet' });
const letRun = (timeline: Timeline, from: Teaching = beginTeaching()) => advance(timeline, from, 3600 * SECOND);
const doneOf = (teaching: Teaching, id = 'a') => [
  teaching.completed[id],
  Math.round((teaching.spent[id] ?? 0) / SECOND),
];

describe('an open line that nobody ends', () => {
  test('goes on to the end of its range, and the class with it', () => {
    const timeline = classOf(open('one'), then);
    const end = letRun(timeline);
    expect(doneOf(end)).toEqual([6, 60]);
    expect([end.finished, end.wallMs]).toEqual([true, 90 * SECOND]);
    // Its plan says four, and it waited for two: that is what it was for.
    const find = () => one;
    const items = loggedItems(
      { ...plan([open('one'), then]), id: 's', title: 's' } as never,
      timeline,
      { ...end, finished: true },
      find,
    );
    expect(items.map(({ plannedTimes, doneTimes, outcome }) => [plannedTimes, doneTimes, outcome])).toEqual([
      [4, 6, 'done'],
      [3, 3, 'done'],
    ]);
  });
  test('leads each further side as often as the first', () => {
    const timeline = classOf(open('sides'), then);
    expect(letRun(timeline).led).toEqual({ 'a 1 0': 6, 'a 1 1': 6 });
  });
  test('by turns goes on by both sides at a time', () => {
    const timeline = classOf(open('turns', { range: { least: 2, most: 7 } }), then);
    expect(doneOf(letRun(timeline))[0]).toBe(6);
  });
  test('without a range of its own waits for half as much again', () => {
    const timeline = classOf(open('one', { range: null }), then);
    expect(doneOf(letRun(timeline))[0]).toBe(6);
  });
  test('does not wait where the class would end late: of the fifteen seconds there are, one repetition takes ten', () => {
    const timeline = classOf(open('one'), then);
    const end = letRun(timeline, beginTeaching(timeline.totalMs + 15 * SECOND));
    expect(doneOf(end)[0]).toBe(5);
    expect(end.wallMs).toBeLessThanOrEqual(timeline.totalMs + 15 * SECOND);
  });
  test('is not called the last one, since nobody knows', () => {
    const calls = (items: Item[]) => classOf(...items).segments.map(({ call }) => call);
    expect(calls([open('one', { manner: 'named' })])).not.toContain('Last one');
    expect(calls([then])).toContain('Last one');
  });
});

describe('an open line that is ended', () => {
  test('goes on with its other side, as often, and then with what settles it', () => {
    const timeline = classOf(open('sides', { settle: { kind: 'still', seconds: 10 } }), then);
    const three = advance(timeline, beginTeaching(), 31 * SECOND);
    const other = advance(timeline, skip(timeline, three), 40 * SECOND);
    expect(other.led).toEqual({ 'a 1 0': 3, 'a 1 1': 3 });
    const settling = timeline.segments.find(({ kind }) => kind === 'settle');
    expect(other.planMs).toBeGreaterThanOrEqual(settling?.startMs ?? Number.POSITIVE_INFINITY);
    expect(other.completed.b).toBeUndefined();
  });
  test('before anything of it is done, is left out', () => {
    const timeline = classOf(open('one'), then);
    const early = skip(timeline, advance(timeline, beginTeaching(), 4 * SECOND));
    expect(early.planMs).toBe(timeline.items[1]?.startMs);
  });
  test('says how it stands, and counts anew when it is begun anew', () => {
    const timeline = classOf(open('one'), then);
    const at = advance(timeline, beginTeaching(), 45 * SECOND);
    expect(openNow(timeline, at, 3)).toEqual({ led: 4, least: 2, most: 6 });
    expect(openNow(timeline, back(timeline, at), 0)?.led).toBe(0);
  });
});

describe('a talk', () => {
  const talk = newPause('talk', 't', 60, 'the knees');
  test('waits for half its time, and goes on by itself', () => {
    const timeline = classOf(talk, then);
    const waiting = advance(timeline, beginTeaching(), 70 * SECOND);
    expect([waiting.planMs, waiting.stoodMs]).toEqual([60 * SECOND - 1, 10 * SECOND + 1]);
    const end = letRun(timeline);
    expect([end.spent.t, end.parts['t talk']]).toEqual([90 * SECOND, 90 * SECOND]);
  });
  test('ends when it is ended, and one that ends by itself does not wait', () => {
    const timeline = classOf(talk, then);
    const on = skip(timeline, advance(timeline, beginTeaching(), 70 * SECOND));
    expect(on).toMatchObject({ planMs: 60 * SECOND, stoodMs: 0, touched: ['t talk'] });
    const goesOn = classOf({ ...talk, endsByItself: true } as Item, then);
    expect(letRun(goesOn).spent.t).toBe(60 * SECOND);
  });
});

test('whatever the steps in which time passes, open lines and talks come to the same', () => {
  const timeline = classOf(newPause('talk', 't', 20), open('sides'), then, newPause('talk', 'u', 30));
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.001, max: 40_000, noNaN: true }), { minLength: 1, maxLength: 20 }),
      fc.option(fc.double({ min: 0, max: 60_000, noNaN: true }), { nil: null }),
      (steps, more) => {
        const begun = beginTeaching(more === null ? null : timeline.totalMs + more);
        const apart = steps.reduce((teaching, ms) => advance(timeline, teaching, ms), begun);
        const atOnce = advance(
          timeline,
          begun,
          steps.reduce((sum, ms) => sum + ms, 0),
        );
        expect(apart.planMs).toBeCloseTo(atOnce.planMs, 3);
        expect(apart.led).toEqual(atOnce.led);
        expect(apart.completed).toEqual(atOnce.completed);
        expect(Object.values(apart.spent).reduce((sum, ms) => sum + ms, 0)).toBeCloseTo(apart.wallMs, 3);
      },
    ),
  );
});
