import { skeletonOf } from '../../body/figure/skeleton';
import { newMovementItem } from '../../session/plan/defaults';
import { countWords } from '../../session/report/countWords';
import { movement, phase, timelineOfLine } from '../../testing/sample';
import { rampedMovement } from '../adapt/rampedMovement';
import { writtenSide } from '../walk/cycleFor';
import { walkMovement } from '../walk/walkMovement';
import { breathedAs, layerOf, Movement, variantOf } from './movement';

const stepping = movement({
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  start: { stance: 'parallel', load: { left: 50, right: 50 }, sink: 20, arms: 'hanging' },
  parts: {
    entry: [
      phase({ breath: 'in', length: { kind: 'span', share: 1 }, to: { load: { left: 5, right: 95 } }, call: 'Over' }),
    ],
    cycle: [
      phase({
        breath: 'in',
        length: { kind: 'span', share: 1 },
        to: { stance: 'bow', side: 'left', load: { left: 10, right: 90 }, sink: 40, turn: 20 },
        call: 'Step',
      }),
      phase({
        breath: 'out',
        length: { kind: 'span', share: 1 },
        to: { load: { left: 70, right: 30 }, arms: 'pushing-front', turn: 0 },
        call: 'Push',
      }),
    ],
  },
  variants: [
    { id: 'small', kind: 'smaller', name: 'Smaller', patch: { sink: 0.5, range: 0.5, spread: 0.8 } },
    { id: 'seated', kind: 'seated', name: 'On a chair', patch: { seated: true }, eases: ['knees'] },
    {
      id: 'held',
      kind: 'supported',
      name: 'A hand on a chair',
      patch: { every: { hands: { right: { rests: 'chair' } } } },
    },
  ],
  layers: [
    { name: 'Arms only', keeps: ['arms'] },
    { name: 'Whole', keeps: ['arms', 'turn', 'weight', 'steps', 'breath'] },
  ],
  breathSchools: [{ name: 'The other way', breaths: ['out', 'in'] }],
  cautions: ['knees', 'balance'],
});
const walk = (of: Movement) => walkMovement(of, { side: writtenSide(of) }).map(({ stride }) => stride);

describe('variants', () => {
  test('smaller: half the bend, half the turn, a shorter stance', () => {
    const { parts } = variantOf(stepping, 'small');
    expect(parts.cycle[0]?.to).toMatchObject({ sink: 20, turn: 10, spread: 0.8 });
    expect(parts.cycle[1]?.to.arms).toBe('pushing-front');
  });

  test('on a chair: seated throughout, the arms as written, the eased caution gone', () => {
    const seated = variantOf(stepping, 'seated');
    expect(walk(seated).every(({ to }) => to.load.seat === 80 && to.seat !== null)).toBe(true);
    expect(walk(seated).at(-1)?.to.hands.left.at).toEqual(walk(stepping).at(-1)?.to.hands.left.at);
    expect(seated.cautions).toEqual(['balance']);
    expect(skeletonOf(walk(seated)[0]?.to as never).pelvis[2]).toBeLessThan(0.6);
  });

  test('supported: a hand keeps to the chair in every posture, and an unknown variant changes nothing', () => {
    expect(walk(variantOf(stepping, 'held')).every(({ to }) => to.hands.right.rests === 'chair')).toBe(true);
    expect(variantOf(stepping, 'nothing')).toBe(stepping);
  });

  test('whatever is patched is still a movement', () => {
    for (const { id } of stepping.variants) expect(Movement.safeParse(variantOf(stepping, id)).success).toBe(true);
  });
});

describe('teaching steps', () => {
  test('arms only: in place, uncounted, the arms as they will be', () => {
    const arms = layerOf(stepping, 0);
    expect(arms.parts.entry).toBeUndefined();
    expect(walk(arms).every(({ to, from }) => to.load.left === 50 && to.feet.left.y === from.feet.left.y)).toBe(true);
    expect(arms.parts.cycle.map(({ breath }) => breath)).toEqual(['natural', 'natural']);
    expect(arms.parts.cycle[1]?.to).toMatchObject({ arms: 'pushing-front' });
    expect(arms.parts.cycle[1]?.to.load).toBeUndefined();
  });

  test('the last step is the whole movement', () => {
    expect(walk(layerOf(stepping, 1)).map(({ to }) => to)).toEqual(walk(stepping).map(({ to }) => to));
  });
});

test('another school breathes it otherwise and moves it the same', () => {
  const other = breathedAs(stepping, 'The other way');
  expect(other.parts.cycle.map(({ breath }) => breath)).toEqual(['out', 'in']);
  expect(walk(other).map(({ to }) => to)).toEqual(walk(stepping).map(({ to }) => to));
  expect(breathedAs(stepping, 'nobody')).toBe(stepping);
  const wrong = Movement.safeParse({ ...stepping, breathSchools: [{ name: 'Short', breaths: ['in'] }] });
  expect(wrong.error?.issues[0]?.path).toEqual(['breathSchools', 0, 'breaths']);
});

test('a ramp of tempo makes later repetitions shorter in the class, too', () => {
  const knocking = movement({
    count: { unit: 'beats', least: 8, usual: 24, most: 80, step: 8 },
    ramps: [{ what: 'tempo', from: 1, to: 2 }],
    parts: { cycle: [phase({ breath: 'natural', length: { kind: 'beats', beats: 8, tempo: 60 }, call: 'Knock' })] },
  });
  const lengths = timelineOfLine(knocking, { count: 24 }).segments.map(({ lengthMs }) => lengthMs);
  expect(lengths).toEqual([8000, 5333, 4000]);
  expect(rampedMovement(knocking, 2, 3)).toBe(rampedMovement(knocking, 2, 3));
  expect(rampedMovement(stepping, 2, 3)).toBe(stepping);
});

test('a count that ends when it flows says so', () => {
  const flowing = movement({
    count: { unit: 'repetitions', least: 4, usual: 12, most: 30, step: 1, ends: 'until-it-flows' },
  });
  expect(countWords(flowing, newMovementItem('a', flowing, 'main')).words).toBe('times until it flows');
});
