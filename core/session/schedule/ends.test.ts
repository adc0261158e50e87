import { fc } from '../../testing/properties';
import { constant, line, movement, natural, plan, timelineFor, timelineOfLine } from '../../testing/sample';
import { newPause } from '../plan/defaults';
import type { MovementItem } from '../plan/session';
import { forecastFor, forecastParts } from '../report/forecast';

const turns = movement({
  id: 'turns',
  laterality: { sides: { kind: 'alternating', first: 'left', repetition: 'one-side' } },
  parts: { cycle: [natural(1)] },
});
const post = movement({
  id: 'post',
  count: { unit: 'breaths', least: 3, usual: 12, most: 60, step: 1, ends: 'open' },
  parts: { cycle: [natural(1)] },
});
const clock = (seconds: number) => ({ ends: { by: 'clock', seconds } });
const item = (change: Record<string, unknown> = {}) => line({ id: 'a', ...change }) as MovementItem;

describe('a line that ends by the clock', () => {
  test('goes on to the end of the cycle begun: 45 s of ten-second breaths are five', () => {
    const timeline = timelineOfLine(movement(), { count: 2, ...clock(45) });
    expect(timeline.totalMs).toBe(50_000);
    expect(timeline.segments.at(-1)).toMatchObject({ repetition: 5, of: 5 });
  });
  test('shares its time between its sides, and by turns ends on the side it did not begin with', () => {
    const sides = movement({ laterality: { sides: { kind: 'each-side', first: 'left' } } });
    const counted = (of: typeof sides, seconds: number) =>
      timelineOfLine(of, { count: 2, ...clock(seconds) }).segments.filter(({ kind }) => kind === 'move');
    expect(counted(sides, 60).map(({ side }) => side)).toEqual([
      ...Array.from({ length: 6 }, () => 'left'),
      ...Array.from({ length: 6 }, () => 'right'),
    ]);
    expect(counted(turns, 25)).toHaveLength(4);
  });
  test('takes its seconds each round, and never less than they are', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 600 }),
        fc.integer({ min: 3, max: 12 }),
        fc.integer({ min: 1, max: 3 }),
        (seconds, pace, rounds) => {
          const { totalMs } = timelineOfLine(movement(), { count: 2, rounds, ...clock(seconds) }, constant(pace));
          expect(totalMs).toBeGreaterThanOrEqual(rounds * seconds * 1000 - rounds);
          expect(totalMs).toBeLessThan(rounds * (seconds + 60 / pace) * 1000 + rounds);
        },
      ),
    ));
});

describe('how certain the end is', () => {
  const width = (change: Record<string, unknown>, of = post) => {
    const session = plan([item({ movementId: of.id, ...change }), newPause('talk', 't', 60)], constant(6));
    const { likelyMs, lateMs } = forecastFor(session, timelineFor(session, of), () => of);
    return lateMs - likelyMs;
  };

  test('with the same usual, a wider range never makes it more certain', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 40 }),
        fc.array(fc.nat(9), { minLength: 4, maxLength: 4 }),
        (count, [a = 0, b = 0, c = 0, d = 0]) => {
          const narrow = { least: count - a, most: count + b };
          const wide = { least: narrow.least - (c % narrow.least), most: narrow.most + d };
          expect(width({ count, range: wide })).toBeGreaterThanOrEqual(width({ count, range: narrow }));
        },
      ),
    ));
  test('a pin makes an open count certain, and so does the clock', () => {
    const counted = width({ count: 12 }, movement());
    expect(width({ count: 12 })).toBeGreaterThan(width({ count: 12, pinned: true }));
    expect(width({ count: 12, pinned: true, range: { least: 3, most: 60 } })).toBe(width({ count: 12, pinned: true }));
    expect(width({ count: 12, ...clock(120) })).toBe(counted);
  });
  test('an open count without a range of its own goes by its movement’s, held against its own count, three in ten at most', () => {
    const deviation = (count: number) => {
      const session = plan([item({ movementId: 'post', count })], constant(6));
      return forecastParts(session, timelineFor(session, post), () => post)[0]?.deviation;
    };
    // 3 to 60 is 57; a quarter of it over 12 is more than three in ten, over 60 it is 0.2375. The breath itself varies by 0.03.
    expect(deviation(12)).toBeCloseTo(120 * Math.hypot(0.3, 0.03), 6);
    expect(deviation(60)).toBeCloseTo(600 * Math.hypot(57 / 60 / 4, 0.03), 6);
  });
});

describe('in a chain', () => {
  const chain = (change: Record<string, unknown>, of: ReturnType<typeof movement>) => ({
    ...plan([]),
    sections: [
      {
        kind: 'main' as const,
        pace: constant(6),
        blocks: [
          {
            id: 'c',
            within: null,
            name: '',
            rounds: 1,
            roundRest: 0,
            lower: 0,
            chain: 'left' as const,
            oneWay: false,
            origin: null,
          },
        ],
        items: [
          item({ id: 'a', block: 'c', movementId: of.id, ...change }),
          item({ id: 'b', block: 'c', movementId: of.id, count: 1 }),
        ],
        settle: null,
      },
    ],
  });
  const sidesOf = (change: Record<string, unknown>, of: ReturnType<typeof movement>) =>
    timelineFor(chain(change, of), of)
      .segments.filter(({ itemId, kind }) => itemId === 'a' && kind === 'move')
      .map(({ side }) => side);

  test('a line that asks for one side only is done on that side, and left out on the other', () => {
    const sides = movement({
      laterality: { sides: { kind: 'each-side', first: 'left' } },
      parts: { cycle: [natural(1)] },
    });
    expect(sidesOf({ count: 2, sides: 'right-only' }, sides)).toEqual(['right', 'right']);
    expect(sidesOf({ count: 2, sides: 'left-only' }, sides)).toEqual(['left', 'left']);
  });
  test('a line by turns does each side with the chain, half of its turns on each', () =>
    expect(sidesOf({ count: 6 }, turns)).toEqual(['left', 'left', 'left', 'right', 'right', 'right']));
});
