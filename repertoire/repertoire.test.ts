import { skeletonOf } from '../core/body/figure/skeleton';
import { phaseDemand } from '../core/demand/movementDemand';
import { strideDemand } from '../core/demand/strideDemand';
import { walkForm } from '../core/movement/bridge/walkForm';
import { footworkFindings } from '../core/movement/footwork/footwork';
import { footworkWords } from '../core/movement/footwork/footworkWords';
import { Role, variantOf } from '../core/movement/schema/movement';
import { breathConvention } from '../core/movement/walk/breathConvention';
import { betweenSides, cachedWalk } from '../core/movement/walk/cachedWalk';
import { phasesFor, writtenSide } from '../core/movement/walk/cycleFor';
import { displacement } from '../core/movement/walk/stride';
import { walkMovement } from '../core/movement/walk/walkMovement';
import { bridgeInto } from '../core/session/schedule/bridgeInto';
import { sideChange } from '../core/session/schedule/changeOfSide';
import { timedAtPace } from '../core/timing/trackAtPace';
import { checkMovement } from '../core/traits/checkMovement';
import { shippedRepertoire } from '../server/shippedRepertoire';

const { movements, forms, find } = shippedRepertoire();

describe('the repertoire as a whole', () => {
  test('holds at least a hundred movements and eight forms, some for every section', () => {
    expect(movements.length).toBeGreaterThanOrEqual(100);
    expect(forms.length).toBeGreaterThanOrEqual(8);
    for (const role of Role.options)
      expect(movements.filter(({ roles }) => roles.includes(role)).length).toBeGreaterThanOrEqual(5);
  });

  test('no two movements share a usual name', () => {
    const names = movements.map(({ names: { english } }) => english[0]);
    expect(new Set(names).size).toBe(names.length);
  });

  test('pinyin carries its tone marks, and stands where there is Chinese', () => {
    const toned = /[āáǎàēéěèīíǐìōóǒòūúǔùǖǘǚǜ]/;
    for (const { id, names } of movements) {
      expect([id, names.pinyin.length > 0]).toEqual([id, names.chinese.length > 0]);
      expect([id, names.pinyin.every((name) => toned.test(name))]).toEqual([id, true]);
    }
  });

  test('every main piece has at least two things to watch, and something to say to a usual fault', () => {
    const mains = movements.filter(({ roles }) => roles.includes('main'));
    expect(mains.filter(({ points }) => points.length < 2).map(({ id }) => id)).toEqual([]);
    expect(mains.filter(({ faults }) => faults.length < 1).map(({ id }) => id)).toEqual([]);
  });

  test('every movement can be done in an easier way', () => {
    const without = movements.filter(({ variants }) => !variants.some(({ kind }) => kind !== 'harder'));
    expect(without.map(({ id }) => id)).toEqual([]);
  });

  test('from one side of a movement to the other there is a way, and it is the mirror image of the way back', () => {
    for (const movement of movements) {
      const { sides, directions } = movement.laterality;
      if (sides.kind !== 'each-side' || movement.parts.between) continue;
      const direction = directions.kind === 'both' ? ('first' as const) : null;
      const [there, back] = [['left', 'right'] as const, ['right', 'left'] as const].map(([from, to]) => {
        const between = betweenSides(movement, direction, from, to);
        expect([movement.id, between && bridgeInto(between.ends, between.begins)]).not.toEqual([
          movement.id,
          'missing',
        ]);
        return between && sideChange(between.ends, between.begins);
      });
      expect([movement.id, there?.seconds]).toEqual([movement.id, back?.seconds]);
      // Where both feet bear alike nothing tells the sides apart, and the left steps first as is the custom.
      const { left, right } = betweenSides(movement, direction, 'left', 'right')?.ends.load ?? { left: 0, right: 0 };
      if (left === right) continue;
      const swapped = back?.call.replaceAll(/left|right/g, (side) => (side === 'left' ? 'right' : 'left'));
      expect([movement.id, there?.call]).toEqual([movement.id, swapped]);
    }
  });

  test('a variant on a chair leaves no foot off the floor that bears, and is seated throughout', () => {
    for (const movement of movements)
      for (const { id, patch } of movement.variants.filter(({ kind }) => kind === 'seated')) {
        expect([movement.id, patch.seated]).toEqual([movement.id, true]);
        const seated = variantOf(movement, id);
        const walked = walkMovement(seated, { side: writtenSide(seated) });
        expect([movement.id, walked.every(({ stride }) => stride.to.load.seat > 0)]).toEqual([movement.id, true]);
      }
  });
});

describe('what is wrong with each movement, its variants and its words: nothing', () => {
  test.each(movements.map((movement) => [movement.id, movement] as const))('%s', (_id, movement) => {
    const wrong = checkMovement(movement).filter(({ severity }) => severity !== 'notice');
    expect(wrong.map(({ variant, part, phase, message }) => [variant, part, phase, message])).toEqual([]);
  });
});

describe('every posture balances', () => {
  test('the mass lies over the pressure within 0.1 mm wherever a phase ends', () => {
    for (const movement of movements)
      for (const { stride } of walkMovement(movement, { side: writtenSide(movement) })) {
        const { centreOfMass, centreOfPressure } = skeletonOf(stride.to);
        const off = Math.hypot(centreOfMass[0] - centreOfPressure[0], centreOfMass[1] - centreOfPressure[1]);
        expect([movement.id, off < 1e-4]).toEqual([movement.id, true]);
      }
  });
});

describe('forms', () => {
  test.each(forms.map((form) => [form.id, form] as const))('%s is walked as one without a finding', (_id, form) => {
    const walked = walkForm(form, find);
    expect([walked.missing, walked.unreachable]).toEqual([[], []]);
    const wrong = walked.entries.flatMap(({ movement, strides }) =>
      footworkFindings(timedAtPace(strides))
        .filter(({ severity }) => severity !== 'notice')
        .map((finding) => [movement.id, footworkWords(finding)]),
    );
    expect(wrong).toEqual([]);
  });

  test('the long stepping form has at least fourteen postures and stays in an ordinary hall', () => {
    const long = forms.find(({ id }) => id === 'lantern-form');
    if (!long) throw new Error('the long form is there');
    const walked = walkForm(long, find);
    expect(new Set(walked.entries.map(({ movement }) => movement.id)).size).toBeGreaterThanOrEqual(14);
    const { x, y } = displacement(walked.entries.flatMap(({ strides }) => strides));
    expect(Math.hypot(x, y)).toBeLessThan(5);
  });
});

test('done on each side, a movement comes back mirrored', () => {
  for (const movement of movements.filter(({ laterality }) => laterality.sides.kind === 'each-side')) {
    const [left, right] = (['left', 'right'] as const).map((side) => phasesFor(movement, 'cycle', side));
    expect(left?.map(({ to }) => to.load?.left)).toEqual(right?.map(({ to }) => to.load?.right));
  }
});

test('what is asked by turns, and worked out once for both sides, is what each stride asks by itself', () => {
  const byTurns = movements.filter(({ laterality }) => laterality.sides.kind === 'alternating');
  expect(byTurns.length).toBeGreaterThan(5);
  for (const movement of byTurns) {
    const walk = cachedWalk(movement, null).filter(({ part }) => part === 'cycle');
    const phases = walk.length / 4;
    for (const [place, { stride, side, phase }] of walk.entries()) {
      const shared = phaseDemand(movement, { part: 'cycle', phase, side, direction: null, first: place < 2 * phases });
      const own = strideDemand(stride);
      expect([movement.id, place, shared?.pieces.length]).toEqual([movement.id, place, own.pieces.length]);
      const asked = own.pieces.map(({ channels }, piece) =>
        Math.max(
          ...channels.map((value, channel) => Math.abs(value - (shared?.pieces[piece]?.channels[channel] ?? 9))),
        ),
      );
      expect(Math.max(...asked)).toBeLessThan(1e-4);
      expect(own.pieces.map(({ oneLeg }) => oneLeg)).toEqual(shared?.pieces.map(({ oneLeg }) => oneLeg));
    }
  }
});

test.each([
  ['draw-the-bow', 'out'],
  ['heel-kick', 'out'],
  ['pointing-push', 'out'],
  ['open-the-chest', 'in'],
  ['lift-the-sky', null],
])('%s: what is reached out for, forward or to a side, goes with the %s-breath', (id, way) => {
  const movement = find(id);
  expect(movement && breathConvention(movement)).toBe(way);
});
