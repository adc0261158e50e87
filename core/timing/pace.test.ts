import { fc } from '../testing/properties';
import { breathSeconds, paceAt } from './pace';

const easing = { from: 10, to: 6, easing: 3000 };

test('10 to 6 breaths a minute over 3000 s: breath 240 ends at 1613.6 s and breath 400 at 3000.0 s', () => {
  expect(breathSeconds(easing, 0, 240)).toBeCloseTo(1613.6, 1);
  expect(breathSeconds(easing, 0, 400)).toBeCloseTo(3000, 6);
});

test('half way through the easing the pace is half way', () => {
  expect(paceAt(easing, 1500)).toBe(8);
  expect(paceAt(easing, 4000)).toBe(6);
});

test('ten breaths begun 10 s before the easing ends go on at the last pace', () => {
  const atEnd = { from: 8, to: 6, easing: 100 };
  const eased = (10 * (paceAt(atEnd, 90) + 6)) / 2 / 60;
  expect(breathSeconds(atEnd, 90, 10)).toBeCloseTo(10 + (10 - eased) * 10, 9);
});

test('breathing a then b lasts as long as breathing a + b', () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  fc.assert(
    fc.property(
      number(3, 15),
      number(3, 15),
      number(0, 2000),
      number(0, 2500),
      number(0.1, 80),
      number(0.1, 80),
      (from, to, ease, t, a, b) => {
        const pace = { from, to, easing: ease };
        const first = breathSeconds(pace, t, a);
        expect(first + breathSeconds(pace, t + first, b)).toBeCloseTo(breathSeconds(pace, t, a + b), 6);
      },
    ),
  );
});
