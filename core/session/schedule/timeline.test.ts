import {
  beats,
  constant,
  inBreath,
  line,
  movement,
  natural,
  outBreath,
  phase,
  plan,
  timelineFor,
  timelineOfLine,
} from '../../testing/sample';
import { DIRECTION_CHANGE, SIDE_CHANGE } from '../../timing/timingConstants';
import { newPause } from '../plan/defaults';
import type { Item } from '../plan/session';
import { timelineOf } from './timeline';

const eachSide = { sides: { kind: 'each-side', first: 'left' } };
const bothWays = { kind: 'both', names: ['there', 'back'], reversal: 'mirrored', breath: 'keeps-place' };
const counted = (unit: string) => ({ unit, least: 1, usual: 1, most: 100, step: 1 });

describe('worked examples at constant pace', () => {
  test('eight repetitions of in and out at 6 breaths a minute take 80.000 s', () => {
    expect(timelineOfLine(movement(), { count: 8 }).totalMs).toBe(80_000);
  });

  test('at in:out 2:3 they take as long, with in-phases of 4 s and out-phases of 6 s', () => {
    const timeline = timelineOfLine(movement(), { count: 8 }, constant(6), { in: 2, out: 3 });
    expect(timeline.totalMs).toBe(80_000);
    expect(timeline.segments.map(({ lengthMs }) => lengthMs)).toEqual(Array(8).fill([4000, 6000]).flat());
  });

  test('three each side of a two-breath repetition at 7.5 a minute take 96.000 s and one side change', () => {
    const twoBreaths = movement({ laterality: eachSide, parts: { cycle: [inBreath, outBreath, inBreath, outBreath] } });
    const { totalMs, segments } = timelineOfLine(twoBreaths, { count: 3 }, constant(7.5));
    expect(totalMs).toBe(96_000 + SIDE_CHANGE * 1000);
    expect(segments.filter(({ kind }) => kind === 'side-change')).toHaveLength(1);
  });

  test('both ankles, both directions, eight beats at 60 a minute are four passes of 8 s and three changes', () => {
    const ankles = movement({
      laterality: { ...eachSide, directions: bothWays },
      count: { unit: 'beats', least: 8, usual: 8, most: 16, step: 8 },
      parts: { cycle: [beats(8, 60)] },
    });
    const { segments, totalMs } = timelineOfLine(ankles, { count: 8 });
    expect(segments.map(({ kind, side, direction, lengthMs }) => [kind, side, direction, lengthMs])).toEqual([
      ['move', 'left', 'first', 8000],
      ['direction-change', 'left', 'reversed', DIRECTION_CHANGE * 1000],
      ['move', 'left', 'reversed', 8000],
      ['side-change', 'left', 'first', SIDE_CHANGE * 1000],
      ['move', 'right', 'first', 8000],
      ['direction-change', 'right', 'reversed', DIRECTION_CHANGE * 1000],
      ['move', 'right', 'reversed', 8000],
    ]);
    expect(totalMs).toBe(32_000 + (2 * DIRECTION_CHANGE + SIDE_CHANGE) * 1000);
  });

  test('a hold of six natural breaths at 9 a minute takes 40.000 s', () => {
    const post = movement({ count: counted('breaths'), parts: { cycle: [natural(1)] } });
    expect(timelineOfLine(post, { count: 6 }, constant(9)).totalMs).toBe(40_000);
  });

  test('nine beats at 60 a minute and then three breaths at 6 take 9 s and 30 s', () => {
    const mixed = movement({ parts: { cycle: [beats(9, 60), natural(3)] } });
    expect(timelineOfLine(mixed, { count: 1 }).segments.map(({ lengthMs }) => lengthMs)).toEqual([9000, 30_000]);
  });

  test('two rounds with 20 s of rest between take both rounds and the rest once', () => {
    const { totalMs, segments } = timelineOfLine(movement(), { count: 3, rounds: 2, roundRest: 20 });
    expect(totalMs).toBe(30_000 + 20_000 + 30_000);
    expect(segments.at(-1)).toMatchObject({ round: 2, repetition: 3, of: 3, completes: true });
  });

  test('a count in seconds finishes the cycle it has begun', () => {
    const stretch = movement({
      count: { unit: 'seconds', least: 5, usual: 20, most: 60, step: 5 },
      parts: { cycle: [{ breath: 'natural', length: { kind: 'seconds', seconds: 5 }, call: 'Reach' }] },
    });
    expect(timelineOfLine(stretch, { count: 20 }).totalMs).toBe(20_000);
    expect(timelineOfLine(stretch, { count: 18 }).totalMs).toBe(20_000);
  });
});

describe('sides', () => {
  const sidesOf = (laterality: unknown, change: Record<string, unknown>) => {
    const { segments } = timelineOfLine(movement({ laterality, parts: { cycle: [natural(1)] } }), change);
    return segments.filter(({ kind }) => kind === 'move').map(({ side }) => side);
  };

  test('alternating where a repetition is one side: four repetitions are left, right, left, right', () => {
    const one = { sides: { kind: 'alternating', first: 'left', repetition: 'one-side' } };
    expect(sidesOf(one, { count: 4 })).toEqual(['left', 'right', 'left', 'right']);
  });

  test('alternating there and back: two repetitions are the same four sides', () => {
    const there = { sides: { kind: 'alternating', first: 'left', repetition: 'there-and-back' } };
    expect(sidesOf(there, { count: 2 })).toEqual(['left', 'right', 'left', 'right']);
  });

  test('an item may begin on the other side or leave one out', () => {
    expect(sidesOf(eachSide, { count: 2, sides: 'right-first' })).toEqual(['right', 'right', 'left', 'left']);
    expect(sidesOf(eachSide, { count: 2, sides: 'left-only' })).toEqual(['left', 'left']);
  });

  test('an authored part between sides replaces the usual change', () => {
    const withBetween = movement({ laterality: eachSide, parts: { cycle: [natural(1)], between: [natural(2)] } });
    const between = timelineOfLine(withBetween, { count: 1 }).segments.filter(({ part }) => part === 'between');
    expect(between).toMatchObject([{ kind: 'side-change', lengthMs: 20_000, side: 'left' }]);
  });
});

describe('manner', () => {
  const many = (manner: string): Item[] =>
    Array.from({ length: 45 }, (_, index) => line({ id: `line-${index}`, count: 1, manner }));

  test('a follow-along warm-up of 45 items costs nothing but its moving', () => {
    expect(timelineFor(plan(many('follow-along')), movement()).totalMs).toBe(450_000);
  });

  test('an explained item names (2 words in 0.8 s, then 2 s), shows one cycle at a natural pace and looks round (6.7 s and 3 s)', () => {
    const timeline = timelineOfLine(movement(), { count: 2, manner: 'explained' });
    expect(timeline.segments.map(({ kind, lengthMs }) => [kind, lengthMs]).slice(0, 2)).toEqual([
      ['naming', 2800],
      ['showing', 9667],
    ]);
    expect(timeline.totalMs).toBe(20_000 + 12_467);
  });

  test('a long hold is shown for its first twenty seconds', () => {
    const hold = movement({
      count: { unit: 'seconds', least: 60, usual: 60, most: 600, step: 60 },
      parts: {
        cycle: [phase({ breath: 'natural', length: { kind: 'seconds', seconds: 60 }, to: {}, call: 'Stand' })],
      },
    });
    const { segments } = timelineOfLine(hold, { count: 60, manner: 'explained' });
    expect(segments.find(({ kind }) => kind === 'showing')?.lengthMs).toBe(23_000);
  });

  test('a named item is named, said as it is done, and rounded off: 2.8 s before and 3 s after', () => {
    const timeline = timelineOfLine(movement(), { count: 2, manner: 'named' });
    expect(timeline.segments.map(({ kind, lengthMs }) => [kind, lengthMs])).toEqual([
      ['naming', 2800],
      ...Array.from({ length: 4 }, () => ['move', 5000]),
      ['last-word', 3000],
    ]);
  });

  test('a phase of a named item waits for its call the first time, and for nothing after that', () => {
    const call = 'Turn the waist, carry the right arm over and let the left one follow slowly'; // 15 words are 6 s.
    const wordy = movement({ parts: { cycle: [{ ...inBreath, call }, outBreath] } });
    const moves = (manner: string) =>
      timelineOfLine(wordy, { count: 2, manner }).segments.flatMap(({ kind, lengthMs }) =>
        kind === 'move' ? [lengthMs] : [],
      );
    expect(moves('named')).toEqual([6000, 5000, 5000, 5000]);
    expect(moves('follow-along')).toEqual([5000, 5000, 5000, 5000]);
  });

  test('breathed in their own time, a line lasts as long as at nine breaths a minute, and no breath is called', () => {
    const { totalMs, segments } = timelineOfLine(
      movement(),
      { count: 9, manner: 'follow-along', ownBreath: true },
      constant(4),
    );
    expect(totalMs).toBe(60_000);
    expect(new Set(segments.map(({ breath }) => breath))).toEqual(new Set(['natural']));
    expect(segments.map(({ call }) => call)).not.toContain('Breathe in');
  });

  test('calls thin out: the shape, then the breath, then silence, then "Last one"', () => {
    const { segments } = timelineOfLine(movement(), { count: 6, manner: 'follow-along' });
    const firsts = segments.filter(({ phase }) => phase === 0).map(({ call }) => call);
    expect(firsts).toEqual(['Rise', 'Breathe in', 'Breathe in', '', '', 'Last one']);
  });
});

describe('lines of their own', () => {
  test('rests, talk and settling take the seconds they say', () => {
    const { segments, sections } = timelineFor(
      plan([
        newPause('rest', 'rest', 30),
        newPause('talk', 'talk', 90, 'knees'),
        line({ count: 1, settle: { kind: 'still', seconds: 12 } }),
      ]),
      movement(),
    );
    expect(segments.filter(({ breath }) => breath === null).map(({ kind, lengthMs }) => [kind, lengthMs])).toEqual([
      ['rest', 30_000],
      ['talk', 90_000],
      ['settle', 12_000],
    ]);
    expect(sections).toEqual([{ kind: 'main', startMs: 0, lengthMs: 142_000 }]);
  });

  test('an unknown movement is named with the path of its line', () => {
    expect(timelineOf(plan([line({ movementId: 'nowhere' })]), () => undefined)).toEqual({
      ok: false,
      problems: [{ path: ['sections', 0, 'items', 0, 'movementId'], message: 'there is no movement "nowhere"' }],
    });
  });

  test('an item with its own pace ignores the easing of its section', () => {
    const easing = { from: 10, to: 6, easing: 300 };
    expect(timelineOfLine(movement(), { count: 6, pace: 12 }, easing).totalMs).toBe(30_000);
  });
});
