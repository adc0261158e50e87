import { localDay } from './localDay';

test('shortly after midnight in summer it is the next day already, and on the nights the clocks change it is right too', () => {
  expect(localDay('2027-06-15T22:59:59Z')).toBe('2027-06-15');
  expect(localDay('2027-06-15T23:10:00Z')).toBe('2027-06-16');
  expect(localDay('2027-03-28T00:30:00Z')).toBe('2027-03-28');
  expect(localDay('2027-10-30T23:30:00Z')).toBe('2027-10-31');
  expect(localDay('2026-12-31T23:59:59Z')).toBe('2026-12-31');
  expect(localDay('2028-02-29T12:00:00+05:00')).toBe('2028-02-29');
});
