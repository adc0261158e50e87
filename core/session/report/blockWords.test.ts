import { Block } from '../plan/block';
import { blockWords } from './blockWords';

test.each([
  [{}, 'once through'],
  [{ roundRest: 20, lower: 5 }, 'once through'],
  [{ rounds: 3, roundRest: 20, lower: 5 }, '3 rounds, 20 s rest between, 5° lower each round'],
  [{ rounds: 2, lower: -4 }, '2 rounds, 4° higher each round'],
  [{ chain: 'left' }, 'all on the left side, then all on the right'],
  [{ chain: 'right', rounds: 2 }, 'all on the right side, then all on the left, 2 rounds'],
])('%j reads "%s"', (change, words) => {
  expect(blockWords(Block.parse({ id: 'b', ...change }))).toBe(words);
});
