import { nameIn } from './nameIn';

test.each([
  ['Ines', 'for Ines, high', true],
  ['Ines', 'three lines', false],
  ['Ines', 'INES sits', true],
  ['Zoë', 'ask Zoe\u0308 first', true],
  ['Zoe', 'ask Zoe\u0308 first', false],
  ['A. (Bo)', 'with A. (Bo) today', true],
  ['A. (Bo)', 'with Ab (Bo) today', false],
])('%s in “%s”: %s', (name, text, is) => {
  expect(nameIn(name)(text)).toBe(is);
});
