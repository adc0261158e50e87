import { strToU8 } from 'fflate';
import { isDeeperThan } from './tooDeep';

test.each([
  ['[[1]]', 2, false],
  ['[[1]]', 1, true],
  ['{"a":[{"b":1}],"c":[[]]}', 3, false],
  ['{"a":[{"b":1}],"c":[[]]}', 2, true],
  // In a text brackets mean nothing, also behind what looks like its end.
  ['["[[[[", "\\"[[[[", "\\\\"]', 1, false],
  ['[[[[[', 4, true],
  ['', 0, false],
])('%s is deeper than %i: %s', (text, most, isDeeper) => {
  expect(isDeeperThan(strToU8(text), most)).toBe(isDeeper);
});

test('half a million brackets are seen at once', () => {
  expect(isDeeperThan(strToU8('['.repeat(500_000)), 60)).toBe(true);
});
