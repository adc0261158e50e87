/** Numbers as they are said, up to twelve and what is said beyond. */
const WORDS: Readonly<Record<string, string>> = {
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  eleven: '11',
  twelve: '12',
  fifteen: '15',
  twenty: '20',
  thirty: '30',
  'a dozen': '12',
  'a couple of': '2',
  'a few': '3',
};

/** Before one of these a number word is a number; elsewhere it may be part of a name, as in "one leg" or "two hands". */
const COUNTED =
  '(?:minutes?|mins?|m|seconds?|secs?|s|breaths?|beats?|times|rounds?|sets?|reps?|repetitions?|x|each|per|of each|in all|left|right|both|to|or|free|slow|long|deep|$)';

/**
 * A written line with its number words and fractions as digits, where they count something.
 * `inDigits('rest one and a half minutes')` is "rest 1.5 minutes"; `inDigits('two hands push eight')` is "two hands push 8".
 */
export function inDigits(text: string): string {
  let line = text
    .replace(/[“”"]/g, '')
    .replace(/[–—]/g, '-')
    .replace(/(\d)\s*½/g, '$1.5')
    .replace(/½/g, '0.5')
    .replace(/(\d+)\s+1\/2\b/g, '$1.5')
    .replace(/\b1\/2\b/g, '0.5')
    .replace(/\s+/g, ' ')
    .trim();
  line = line
    .replace(/\bhalf an? (minute|hour)\b/gi, '0.5 $1')
    .replace(
      /\ban? (minute|hour)( and a half)?\b/gi,
      (_, unit: string, half?: string) => `${half ? '1.5' : '1'} ${unit}`,
    );
  line = line.replace(/\b([\w]+) and a half (minutes?|mins?)\b/gi, (all, number: string, unit: string) => {
    const digits = WORDS[number.toLowerCase()] ?? number;
    return /^\d+$/.test(digits) ? `${digits}.5 ${unit}` : all;
  });
  for (const [word, digits] of Object.entries(WORDS))
    line = line.replace(new RegExp(`\\b${word}\\b(?=\\s*${COUNTED}(?:\\b|$))`, 'gi'), digits);
  return line;
}
