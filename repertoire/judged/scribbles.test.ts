import { shippedRepertoire } from '../../server/shippedRepertoire';
import { SCRIBBLES } from './scribbles';

/** Stances that are added with the postures as they are practised. */
const TO_COME = ['horse-stance', 'bow-stance'];

test('a hundred and fifty lines, each once, mean what is in the repertoire, a form, a rest or talk', () => {
  const { movements, forms } = shippedRepertoire();
  const known = new Set([...movements, ...forms].map(({ id }) => id).concat('rest', 'talk', TO_COME));
  expect(SCRIBBLES.length).toBeGreaterThanOrEqual(150);
  expect(new Set(SCRIBBLES.map(([, text]) => text)).size).toBe(SCRIBBLES.length);
  expect(SCRIBBLES.filter(([, , what]) => !known.has(what))).toEqual([]);
});

test('what is meant is said in the few words that its heading tells', () => {
  const WORDS =
    /^(usual(: .+)?|(each |whole )?\d+(\.\.\d+)? (times|breaths)( right only| left only)?|\d+ (a side|each way)|\d+(\.\.\d+)? s( a side)?(: .+)?|\d+ rounds of \d+ (times|s)|postures \d+ to \d+|from the beginning to .+|\d+ one way, \d+ the other)$/;
  expect(SCRIBBLES.filter(([, , , meant]) => !WORDS.test(meant)).map(([, text]) => text)).toEqual([]);
});
