import { z } from 'zod';
import { faultWords } from './faultWords';

const Line = z.object({
  call: z.string().min(2).max(80),
  times: z.number().int().min(1).max(60),
  side: z.enum(['left', 'right']),
  day: z.iso.date(),
  many: z.array(z.string()).max(1),
});
const sound = { call: 'Sink', times: 3, side: 'left', day: '2026-12-01', many: [] };
const wordsFor = (change: object): string => {
  const { error } = Line.safeParse({ ...sound, ...change });
  return error ? faultWords(error) : '';
};

test.each([
  [{ call: 'x'.repeat(81) }, 'call has more than 80 letters'],
  [{ call: 'x' }, 'call has less than 2 letters'],
  [{ times: 61 }, 'times is above 60'],
  [{ times: 0 }, 'times is below 1'],
  [{ times: 1.5 }, 'times is no whole number'],
  [{ times: '3' }, 'times is no number'],
  [{ times: undefined }, 'times is missing'],
  [{ side: 'both' }, 'side is none of left, right'],
  [{ day: '1 December' }, 'day is not written as it has to be'],
  [{ many: ['a', 'b'] }, 'many has more than 1 entry'],
  [{ call: 'x', times: 61 }, 'call has less than 2 letters; times is above 60'],
])('%j: %s', (change, words) => {
  expect(wordsFor(change)).toBe(words);
});

test('something of another kind altogether, and a rule of its own', () => {
  expect(faultWords(Line.safeParse('a text').error as z.ZodError)).toBe('it is no object');
  const { error } = Line.refine(() => false, 'ends before it begins').safeParse(sound);
  expect(faultWords(error as z.ZodError)).toBe('it ends before it begins');
});
