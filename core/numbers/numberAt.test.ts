import { byteAt, floatAt, intAt, numberAt, shortAt } from './numberAt';

test('the number at a place of each kind of list', () => {
  expect(numberAt([3, 5], 1)).toBe(5);
  expect(floatAt(Float64Array.of(0.25, 0.5), 0)).toBe(0.25);
  expect(intAt(Int32Array.of(70_000, -70_000), 1)).toBe(-70_000);
  expect(shortAt(Int16Array.of(7, -7), 1)).toBe(-7);
  expect(byteAt(Int8Array.of(7, -7), 0)).toBe(7);
});
