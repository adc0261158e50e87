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
  'a couple of': '2',
  'a few': '3',
};

/** Before one of these a number word is a number; elsewhere it may be part of a name, as in "one leg" or "two hands". */
const COUNTED =
  '(?:minutes?|mins?|m|seconds?|secs?|s|breaths?|beats?|times|rounds?|sets?|reps?|repetitions?|x|each|per|of each|in all|left|right|both|to|or|free|slow|long|deep|$)';

/** Marks and short forms that are written for words, in the order they are put right. */
const SHORT: readonly (readonly [RegExp, string])[] = [
  // Minutes and seconds as they are marked on a watch: 10' and 45".
  [/(\d)\s*["”″](?!\w)/g, '$1 s'],
  [/(\d)\s*['’′](?!\w)/g, '$1 min'],
  [/[“”"]/g, ''],
  [/[–—]/g, '-'],
  [/×/g, 'x'],
  [/(?:^|\s)[~≈]\s*(?=\d)/g, ' '],
  [/\b(?:a )?half a doz(?:en)?\b|\bhalf doz(?:en)?\b|(?:½|\b1\/2)\s*doz(?:en)?\b/gi, '6'],
  [/\b(?:a|one|1)?\s*doz(?:en)?\b/gi, ' 12'],
  [/(\d)\s*½/g, '$1.5'],
  [/½/g, '0.5'],
  [/(\d+)\s+1\/2\b/g, '$1.5'],
  [/\b1\/2\b/g, '0.5'],
  // On each side: 10/side, l/r, e/s; each way: e/w; 4e.
  [/(\d\s*(?:s|secs?|mins?)?)\/(side|leg|arm|foot|hand)\b/gi, '$1 a $2'],
  [/\b(?:l\s*\/\s*r|left\s*[/&]\s*right)\b/gi, 'left and right'],
  [/(?<=\s)e\/s\b/gi, 'a side'],
  [/(?<=\s)e\/w\b/gi, 'each way'],
  [/(?<=\d\s?)e(?=\s|$)/gi, ' each'],
  [/\s+/g, ' '],
];

/**
 * A written line with its number words, fractions and short forms as digits and words, where they count something.
 * `inDigits('rest one and a half minutes')` is "rest 1.5 minutes"; `inDigits('two hands push eight')` is "two hands push 8";
 * `inDigits("post 10'")` is "post 10 min".
 */
export function inDigits(text: string): string {
  let line = SHORT.reduce((written, [mark, word]) => written.replace(mark, word), text).trim();
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
