import { stretchFor } from './stretchFor';

test('things are stretched alike until one reaches its most; the others take the rest', () => {
  const things = [
    { seconds: 60, most: 4 },
    { seconds: 60, most: 1.5 },
  ];
  // Alike: 180 s are one and a half times both.
  expect(stretchFor(180, things)).toBeCloseTo(1.5, 6);
  // 270 s: the second stays at 90 s, the first lasts 180.
  expect(stretchFor(270, things)).toBeCloseTo(3, 6);
  // Neither less than is worth doing, nor more than the most.
  expect(stretchFor(10, things)).toBe(0.6);
  expect(stretchFor(9999, things)).toBe(4);
  expect(stretchFor(100, [])).toBe(1);
});
