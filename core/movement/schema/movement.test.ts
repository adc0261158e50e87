import { mirrorPosture } from '../../body/written/mirror';

import { feetOf } from '../../body/written/stance';
import { beats, inBreath, movement, natural, outBreath } from '../../testing/sample';
import { searchOf } from '../edit/search';
import { tellingMoment } from '../sample/tellingMoment';
import { phasesFor } from '../walk/cycleFor';
import { cycleStrip } from '../walk/strip';
import { Movement } from './movement';
import { passesOf, sidesOffered } from './pass';
import type { Phase } from './phase';

const refused = (change: Record<string, unknown>) => {
  const answer = Movement.safeParse({ ...movement(), ...change });
  return answer.error?.issues.map(({ path, message }) => `${path.join('.')}: ${message}`) ?? [];
};

describe('a movement is refused with the path and the reason', () => {
  test('when its load does not add up', () => {
    const start = { ...movement().start, load: { left: 50, right: 40, seat: 0 } };
    expect(refused({ start })).toEqual(['start.load: left, right and seat must add up to 100 percent']);
  });

  test('when it counts something its cycle does not have', () => {
    expect(refused({ count: { unit: 'beats', least: 1, usual: 2, most: 3, step: 1 } })).toEqual([
      'count.unit: the cycle has no beats to count',
    ]);
  });

  test('when a count would break a cycle', () => {
    const change = {
      parts: { cycle: [beats(8, 60)] },
      count: { unit: 'beats', least: 8, usual: 12, most: 16, step: 8 },
    };
    expect(refused(change)).toEqual(['count.usual: must be whole cycles: one cycle is 8 beats']);
  });

  test('when a span has no breath half to be a span of', () => {
    const cycle = [{ ...inBreath, breath: 'natural' }];
    expect(refused({ parts: { cycle } })).toEqual(['parts.cycle.0.length: a span needs an in-breath or an out-breath']);
  });
});

describe('mirror', () => {
  test('a right bow puts the right foot in front, as far as a left bow puts the left', () => {
    const [left, right] = [feetOf('bow', 'left'), feetOf('bow', 'right')];
    expect(right.right).toEqual({ ...left.left, x: -left.left.x });
    expect(right.left.angle).toBe(-45);
  });
});

describe('passes', () => {
  const both = {
    kind: 'both' as const,
    names: ['a', 'b'] as [string, string],
    reversal: 'mirrored' as const,
    breath: 'keeps-place' as const,
  };
  test('each side in both directions is four', () => {
    const laterality = { sides: { kind: 'each-side' as const, first: 'left' as const }, directions: both };
    expect(passesOf(laterality, { sides: 'usual', directions: 'usual' })).toEqual([
      { side: 'left', direction: 'first' },
      { side: 'left', direction: 'reversed' },
      { side: 'right', direction: 'first' },
      { side: 'right', direction: 'reversed' },
    ]);
    expect(passesOf(laterality, { sides: 'right-only', directions: 'one' })).toEqual([
      { side: 'right', direction: 'first' },
    ]);
  });
});

test('only sides that make a difference are offered', () => {
  const offered = (sides: unknown) => sidesOffered(movement({ laterality: { sides } }).laterality);
  expect(offered({ kind: 'even' })).toEqual(['usual']);
  expect(offered({ kind: 'alternating', first: 'left', repetition: 'one-side' })).toEqual([
    'usual',
    'left-first',
    'right-first',
  ]);
  expect(offered({ kind: 'each-side', first: 'left' })).toHaveLength(5);
});

describe('a direction reversed', () => {
  const out: Phase = { ...outBreath, to: { heading: 40 }, call: 'Away' };
  const back: Phase = { ...inBreath, to: { heading: 0 }, call: 'Back', length: { kind: 'span', share: 0.5 } };
  const circle = (reversal: string, breath: string) =>
    movement({
      parts: { cycle: [out, back] },
      laterality: {
        sides: { kind: 'even' },
        directions: { kind: 'both', names: ['one way', 'other way'], reversal, breath },
      },
    });

  test('mirrored turns the headings and keeps the order', () => {
    expect(
      phasesFor(circle('mirrored', 'keeps-order'), 'cycle', null, 'reversed').map(({ to, breath }) => [
        to.heading,
        breath,
      ]),
    ).toEqual([
      [-40, 'out'],
      [0, 'in'],
    ]);
  });

  test('retraced with the breath by place runs the path backwards with each stretch breathed as before', () => {
    const phases = phasesFor(circle('retraced', 'keeps-place'), 'cycle', null, 'reversed');
    expect(phases.map(({ to, breath }) => [to.heading, breath])).toEqual([
      [40, 'in'],
      [0, 'out'],
    ]);
  });

  test('retraced with the breath by order still begins on the out-breath', () => {
    const phases = phasesFor(circle('retraced', 'keeps-order'), 'cycle', null, 'reversed');
    expect(phases.map(({ breath }) => breath)).toEqual(['out', 'in']);
  });
});

test('the strip of the other side is the mirror image of the written one', () => {
  const step = movement({
    laterality: { sides: { kind: 'each-side', first: 'left' } },
    parts: { cycle: [{ ...inBreath, to: { stance: 'bow', side: 'left', load: { left: 70, right: 30 } } }, natural(1)] },
  });
  const left = cycleStrip(step, 'left').map(({ stride }) => stride.posture);
  expect(cycleStrip(step, 'right').map(({ stride }) => stride.posture)).toEqual(left.map(mirrorPosture));
});

describe('search', () => {
  const find = searchOf([
    movement({
      id: 'cloud-hands',
      names: { english: ['Cloud Hands', 'Waving Hands like Clouds'], pinyin: ['yún shǒu'], chinese: ['雲手'] },
    }),
    movement({ id: 'lift-the-sky', names: { english: ['Lift the Sky'], pinyin: ['tuō tiān'], chinese: ['托天'] } }),
    movement({ id: 'ankle-circles', names: { english: ['Ankle Circles'] } }),
  ]);
  test.each([
    ['cloud', 'cloud-hands'],
    ['ch', 'cloud-hands'],
    ['waving', 'cloud-hands'],
    ['yunshou', 'cloud-hands'],
    ['yun shou', 'cloud-hands'],
    ['雲', 'cloud-hands'],
    ['lts', 'lift-the-sky'],
    ['tuo tian', 'lift-the-sky'],
    ['ankel', 'ankle-circles'],
  ])('"%s" finds %s first', (text, id) => expect(find(text)[0]?.id).toBe(id));
  test('nothing typed finds nothing, and neither does nonsense', () => {
    expect(find('  ')).toEqual([]);
    expect(find('qqxxzz')).toEqual([]);
  });
});

test('the telling posture of a step is the one that stands on one leg, mirrored for the other side', () => {
  const step = movement({
    laterality: { sides: { kind: 'each-side', first: 'left' } },
    parts: {
      cycle: [
        { ...inBreath, to: { stance: 'bow', side: 'left', load: { left: 70, right: 30 } } },
        { ...outBreath, to: { stance: 'one-leg', side: 'left', load: { left: 100, right: 0 } } },
      ],
    },
  });
  expect(tellingMoment(step, 'left').posture).toMatchObject({ stance: 'one-leg', side: 'left' });
  expect(tellingMoment(step, 'right').posture).toEqual(mirrorPosture(tellingMoment(step, 'left').posture));
});
