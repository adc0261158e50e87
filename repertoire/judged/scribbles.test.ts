import { shippedRepertoire } from '../../server/shippedRepertoire';
import { offeredRepertoire, readingOf } from './readingOf';
import { SCRIBBLES } from './scribbles';

/** Read otherwise than it was meant, and what Enter takes then. */
const OTHERWISE: readonly (readonly [text: string, what: string, amount: string])[] = [
  // Both are for standing still; the section has either.
  ['stand quiet a minute', 'quiet-standing', '60 s'],
  // By turns it has no side of its own: the offer says “it has no right only”.
  ['brush knee R only 4', 'brush-knee', '4 times'],
  // The monkey of the five animals and the one that is repulsed are both offered.
  ['monkeys 8', 'monkey-lifts', '8 times'],
  // Whole cycles, which the offer says.
  ['ankles 6 e/w e/s', 'ankle-circles', '8 times'],
  ['ankle rolls 5 each way', 'ankle-circles', '8 times'],
  ['flick fingers 20', 'finger-flicks', '24 times'],
  ['wrist stretch 15s', 'wrist-stretch', '20 s'],
  ['rub knees 20', 'rub-the-knees', '24 times'],
  // Three times what is usual, which the offer says.
  ['wash face 3', 'warm-hands-wash-face', '3 rounds of 12 times'],
  // A line has one count for both directions: 60 in all.
  ['tummy circles 36 + 24', 'circle-the-belly', '60 times'],
];

test('a hundred and fifty lines, each once, mean what is in the repertoire, a form, a rest or talk', () => {
  const { movements, forms } = shippedRepertoire();
  const known = new Set([...movements, ...forms].map(({ id }) => id).concat('rest', 'talk'));
  expect(SCRIBBLES.length).toBeGreaterThanOrEqual(150);
  expect(new Set(SCRIBBLES.map(([, text]) => text)).size).toBe(SCRIBBLES.length);
  expect(SCRIBBLES.filter(([, , what]) => !known.has(what))).toEqual([]);
});

test('what is meant is said in the few words that its heading tells', () => {
  const WORDS =
    /^(usual(: .+)?|(each |whole )?\d+(\.\.\d+)? (times|breaths)( right only| left only)?|\d+ (a side|each way)|\d+(\.\.\d+)? s( a side)?(: .+)?|\d+ rounds of \d+ (times|s)|postures \d+ to \d+|from the beginning to .+|\d+ one way, \d+ the other)$/;
  expect(SCRIBBLES.filter(([, , , meant]) => !WORDS.test(meant)).map(([, text]) => text)).toEqual([]);
});

test('a scribbled line is read as it was meant, in all but the ten that are named', () => {
  const repertoire = offeredRepertoire();
  const misread = SCRIBBLES.flatMap(([role, text, what, meant]) => {
    const reading = readingOf(role, text, repertoire);
    return reading.what === what && reading.meant.includes(meant) ? [] : [[text, reading.what, reading.meant[0]]];
  });
  expect(misread).toEqual(OTHERWISE);
});
