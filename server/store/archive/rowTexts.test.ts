import fc from 'fast-check';
import { strToU8 } from 'fflate';
import { rowTexts } from './rowTexts';

const textsOf = (text: string, mostDeep = 60): string[] => [...rowTexts(strToU8(text), mostDeep)];

test.each([
  ['[]', []],
  [' [\n]\n', []],
  ['[1, {"a": 2}]', ['1', '{"a": 2}']],
  ['[["x,y"],"]"]', ['["x,y"]', '"]"']],
  // In a text brackets and commas mean nothing, also behind what looks like its end.
  ['["\\",[[", "\\\\"]', ['"\\",[["', '"\\\\"']],
  // What is not JSON is left for who parses it.
  ['[1,]', ['1', '']],
  ['[{} {}]', ['{} {}']],
])('%s has the members %j', (text, members) => {
  expect(textsOf(text)).toEqual(members);
});

test('any list comes back as its members', () => {
  fc.assert(
    fc.property(fc.array(fc.jsonValue({ maxDepth: 4 })), fc.constantFrom(undefined, 1), (list, indent) => {
      expect(textsOf(JSON.stringify(list, null, indent)).map((text) => JSON.parse(text))).toEqual(
        JSON.parse(JSON.stringify(list)),
      );
    }),
  );
});

test.each([
  ['[[1]]', 1],
  ['[{"a":[{"b":1}]}]', 3],
  ['['.repeat(500_000), 60],
])('brackets deeper than they may be are refused before anything is parsed', (text, mostDeep) => {
  expect(() => textsOf(text, mostDeep)).toThrow(/deeper/);
  expect(() => textsOf(text.slice(0, 100), 200)).not.toThrow(/deeper/);
});

test.each(['', '{}', '1', '[1', '["a', '[1] 2', '[1][2]'])('%j is no list', (text) => {
  expect(() => textsOf(text)).toThrow(/not a list|in the middle/);
});
