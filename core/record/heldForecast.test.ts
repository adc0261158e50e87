import { CLASS_SPREAD, type ForecastPart, forecastOf, SPREAD } from '../session/report/forecast';
import { chance, scattered } from '../testing/scattered';
import { forecastHeld, wasWhole } from './heldForecast';

const held = { safeMs: 60, actualMs: 59 };
const late = { safeMs: 60, actualMs: 61 };

test('it is too sure only where six or fewer of the last ten held', () => {
  expect(forecastHeld([...Array(4).fill(late), ...Array(6).fill(held)])).toEqual({
    classes: 10,
    held: 6,
    isTooSure: true,
  });
  expect(forecastHeld([...Array(3).fill(late), ...Array(7).fill(held)]).isTooSure).toBe(false);
  // Nine late classes are not ten.
  expect(forecastHeld(Array(9).fill(late)).isTooSure).toBe(false);
  // What was long ago is forgiven.
  expect(forecastHeld([...Array(20).fill(late), ...Array(10).fill(held)]).isTooSure).toBe(false);
});

test('a class of which something was left out or cut short says nothing', () => {
  const line = (outcome: 'done' | 'left out' | 'cut short' | 'done more') => ({ outcome }) as never;
  expect(wasWhole({ items: [line('done'), line('done more')] })).toBe(true);
  expect(wasWhole({ items: [line('done'), line('cut short')] })).toBe(false);
  expect(wasWhole({ items: [line('left out')] })).toBe(false);
  expect(wasWhole({ items: [] })).toBe(false);
});

/** One with heavier tails: Student's, of five degrees of freedom, scaled to a spread of one. */
const heavy = (next: () => number): (() => number) => {
  const normal = scattered(next);
  return () => {
    const squares = Array.from({ length: 5 }, () => normal() ** 2).reduce((sum, one) => sum + one, 0);
    return (normal() / Math.sqrt(squares / 5)) * Math.sqrt(3 / 5);
  };
};

/** An hour as classes go: thirty lines, each named, moved and changed, and a few talks and rests. */
function hourOf(random: () => number): ForecastPart[] {
  const part = (seconds: number, spread: number): ForecastPart => ({ seconds, deviation: seconds * spread });
  const lines = Array.from({ length: 24 }, () => [
    part(4 + 10 * random(), SPREAD.talk),
    part(40 + 100 * random(), SPREAD.breath),
    part(2 + 4 * random(), SPREAD.change),
  ]);
  return [...lines.flat(), ...Array.from({ length: 5 }, () => part(60 + 60 * random(), SPREAD.talk))];
}

/** Of 200 hours, in how many the class had ended by when nine in ten are said to have. */
function heldOf200(seed: number, law: (next: () => number) => () => number): number {
  const random = chance(seed);
  const draw = law(random);
  let inTime = 0;
  for (let n = 0; n < 200; n += 1) {
    const parts = hourOf(random);
    const all = Math.exp(CLASS_SPREAD * draw() - CLASS_SPREAD ** 2 / 2);
    const took = all * parts.reduce((sum, { seconds, deviation }) => sum + seconds + deviation * draw(), 0);
    if (took * 1000 <= forecastOf(parts).lateMs) inTime += 1;
  }
  return inTime / 2;
}

test('over 200 classes drawn from its own spreads nine in ten end by when it says, give or take four in a hundred', () => {
  for (const seed of [1, 2, 3]) {
    const share = heldOf200(seed, scattered);
    expect(share).toBeGreaterThanOrEqual(86);
    expect(share).toBeLessThanOrEqual(94);
  }
});

test('over 200 drawn from another law, with heavier tails, it still holds in eighty to ninety-seven', () => {
  for (const seed of [1, 2, 3]) {
    const share = heldOf200(seed, heavy);
    expect(share).toBeGreaterThanOrEqual(80);
    expect(share).toBeLessThanOrEqual(97);
  }
});
