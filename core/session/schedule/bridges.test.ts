import type { Movement } from '../../movement/schema/movement';
import { constant, inBreath, line, movement, outBreath, plan, timelineFor } from '../../testing/sample';
import { newPause } from '../plan/defaults';
import type { Item } from '../plan/session';
import { halvesBefore } from './scheduleBridge';

const lift = movement({ id: 'lift', names: { english: ['lift'] }, parts: { cycle: [inBreath, outBreath] } });
const horse = movement({
  id: 'horse',
  names: { english: ['horse'] },
  start: { stance: 'horse', load: { left: 50, right: 50 }, sink: 40, arms: 'hanging' },
  parts: { cycle: [inBreath, outBreath] },
});
const chair = movement({
  id: 'chair',
  start: { stance: 'seated', load: { left: 10, right: 10, seat: 80 }, sink: 0, arms: 'resting-on-thighs' },
  parts: { cycle: [inBreath, outBreath] },
});
const on = (id: string, movementId: string, more: Record<string, unknown> = {}) =>
  line({ id, movementId, count: 2, manner: 'quiet', ...more });
const timelineWith = (...items: Item[]) => timelineFor(plan(items, constant(6)), lift, horse, chair);
const bridgesOf = (...items: Item[]) => timelineWith(...items).items.map(({ bridge }) => bridge);

describe('the steps between two lines', () => {
  test('there are none where the class stands already', () =>
    expect(bridgesOf(on('a', 'lift'), on('b', 'lift'))).toEqual([null, null]));

  test('are breathed as it comes: three actions of a second and a half, of which the in-breath that follows takes in half a second', () => {
    const timeline = timelineWith(on('a', 'lift'), on('b', 'horse'));
    expect(timeline.items[1]?.bridge).toEqual({
      led: 'flowing',
      halves: 3.5,
      call: 'Weight right, step left, weight to the middle, turn the right foot',
      lengthMs: 4000,
    });
    const steps = timeline.segments.filter(({ kind }) => kind === 'bridge');
    expect(steps.map(({ breath, breaths }) => [breath, breaths])).toEqual([['natural', null]]);
    expect(timeline.totalMs).toBe(20_000 + 4000 + 20_000);
  });

  test('take as long after a rest, after standing still, and after showing', () => {
    for (const before of [
      [on('a', 'lift'), newPause('rest', 'r', 10), on('b', 'horse')],
      [on('a', 'lift', { settle: { kind: 'still', seconds: 10 } }), on('b', 'horse')],
      [on('a', 'lift'), on('b', 'horse', { manner: 'explained' })],
    ])
      expect(bridgesOf(...before).at(-1)).toMatchObject({ led: 'free', lengthMs: 4000 });
  });

  test('add nothing where half of the first breath half is enough for them', () => {
    const timeline = timelineFor(plan([on('a', 'lift'), on('b', 'horse')], constant(3)), lift, horse);
    expect(timeline.items[1]?.bridge).toMatchObject({ led: 'flowing', lengthMs: 0 });
    expect(timeline.segments.some(({ kind }) => kind === 'bridge')).toBe(false);
  });

  test('given by hand take what the instructor says, and end on the half before the next', () => {
    const timeline = timelineWith(
      on('a', 'lift'),
      on('b', 'horse', { bridge: { halves: 2, call: 'Out to the left' } }),
    );
    expect(timeline.items[1]?.bridge).toMatchObject({ led: 'by-hand', halves: 2, lengthMs: 10_000 });
    const steps = timeline.segments.filter(({ kind }) => kind === 'bridge');
    expect(steps.map(({ breath, call }) => `${breath}: ${call}`)).toEqual([
      'in: Out to the left',
      'out: Out to the left',
    ]);
  });

  test('given by hand as none, there are none', () =>
    expect(bridgesOf(on('a', 'lift'), on('b', 'horse', { bridge: { halves: 0, call: '' } }))).toEqual([null, null]));

  test('lead onto the chair and up again; from chair to chair there is nothing to do', () => {
    const calls = bridgesOf(on('a', 'lift'), on('b', 'chair'), on('c', 'chair'), on('d', 'lift')).map(
      (bridge) => bridge?.call ?? '',
    );
    expect(calls[1]).toMatch(/sit down/i);
    expect(calls[2]).toBe('');
    expect(calls[3]).toMatch(/stand up/i);
  });
});

test('halves before a natural breath have no side to keep', () => {
  expect(halvesBefore(3, 'natural', 'x').map(({ breath }) => breath)).toEqual(['natural', 'natural', 'natural']);
  expect(halvesBefore(3, 'out', 'x').map(({ breath }) => breath)).toEqual(['in', 'out', 'in']);
});

describe('changing sides within a line', () => {
  const bow = movement({
    id: 'bow',
    names: { english: ['bow'] },
    laterality: { sides: { kind: 'each-side', first: 'left' } },
    start: { stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 40, arms: 'hanging' },
    parts: { cycle: [inBreath, outBreath] },
  });
  const changes = (of: Movement, more: Record<string, unknown> = {}) =>
    timelineFor(plan([line({ id: 'a', movementId: of.id, count: 2, manner: 'quiet', ...more })], constant(6)), of)
      .segments.filter(({ kind }) => kind === 'side-change')
      .map(({ lengthMs, call, side }) => [side, lengthMs, call]);

  test('takes the steps from one bow to the other, the foot turning while the weight goes over, and says them', () => {
    expect(changes(bow)).toEqual([
      ['left', 4500, 'Other side. Weight left, step right, weight right, turn the left foot'],
    ]);
  });
  test('takes as long the other way round, with left and right changed', () => {
    expect(changes(bow, { sides: 'right-first' })).toEqual([
      ['right', 4500, 'Other side. Weight right, step left, weight left, turn the right foot'],
    ]);
  });
  test('takes the arms four seconds where the feet stand already', () => {
    const wide = movement({ ...horse, laterality: { sides: { kind: 'each-side', first: 'left' } } });
    expect(changes(wide)).toEqual([['left', 4000, 'Other side']]);
  });
});
