/** What a number counts as it was written; null where no unit was said. */
export type WrittenUnit = 'times' | 'breaths' | 'beats' | 'seconds' | null;

/** How much was written: a number, or from one to another, and what it counts. Times are in seconds. */
export interface WrittenAmount {
  readonly value: number;
  readonly least: number | null;
  readonly most: number | null;
  readonly unit: WrittenUnit;
  /** Whether it is over all sides and directions: "6 in all". */
  readonly inAll: boolean;
}

const NUMBER = '(\\d+(?:\\.\\d+)?)';
/** How each unit is written, what it counts, and how many of that it is. */
const UNITS = {
  hours: { written: 'hours?|h', counts: 'seconds', each: 3600 },
  minutes: { written: 'minutes?|mins?|min|m', counts: 'seconds', each: 60 },
  seconds: { written: 'seconds?|secs?|sec|s', counts: 'seconds', each: 1 },
  breaths: { written: '(?:free |slow |long |deep |full |quiet )?(?:breaths?|br)', counts: 'breaths', each: 1 },
  beats: { written: 'beats?|counts?', counts: 'beats', each: 1 },
  times: { written: 'times|x|reps?|repetitions?', counts: 'times', each: 1 },
} as const satisfies Readonly<
  Record<string, { readonly written: string; readonly counts: WrittenUnit; readonly each: number }>
>;
const ALL = Object.values(UNITS);
const UNIT = `(${ALL.map(({ written }) => written).join('|')})`;

const CLOCK = /\b(\d{1,2}):([0-5]\d)\b/;
const MIXED = new RegExp(
  `\\b${NUMBER}\\s*(?:${UNITS.minutes.written})\\s*(?:and\\s*)?(\\d{1,2})(?:\\s*(?:${UNITS.seconds.written}))?(?=\\s|$|,|;)`,
  'i',
);
const RANGE = new RegExp(`(?:^|\\s)${NUMBER}\\s*(?:-|to|or)\\s*${NUMBER}(?:\\s*${UNIT}(?=\\s|$|,|;))?`, 'i');
const COUNTED = new RegExp(`(?:^|\\s)(?:x\\s*)?${NUMBER}\\s*${UNIT}(?=\\s|$|,|;)`, 'i');
/** "x8" is eight times. */
const MARKED = new RegExp(`(?:^|\\s)x\\s*${NUMBER}(?=\\s|$|,|;)`, 'i');
const BARE = new RegExp(`(?:^|\\s)${NUMBER}(?=\\s|$|,|;)`, 'i');
const IN_ALL = /\b(?:in all|in total|altogether|all told|total)\b/i;

const unitOf = (said: string | undefined): readonly [WrittenUnit, number] => {
  const found =
    said === undefined ? undefined : ALL.find(({ written }) => new RegExp(`^(?:${written})$`, 'i').test(said));
  return found ? [found.counts, found.each] : [null, 1];
};

interface Found {
  readonly amount: WrittenAmount;
  /** What of the line said it. */
  readonly said: string;
}

/**
 * Finds how much was written on a line: "5 min", "1:30", "10-15", "12 breaths", "x8", "6 in all". The unit is what was said, never
 * guessed; null where no number stands there.
 */
export function readAmount(line: string): Found | null {
  const all = IN_ALL.exec(line);
  const inAll = all !== null;
  const found = (
    match: RegExpExecArray,
    value: number,
    unit: WrittenUnit,
    range: readonly [number, number] | null = null,
  ): Found => ({
    amount: { value, least: range?.[0] ?? null, most: range?.[1] ?? null, unit, inAll },
    said: match[0],
  });
  const clock = CLOCK.exec(line);
  if (clock) return found(clock, 60 * Number(clock[1]) + Number(clock[2]), 'seconds');
  const mixed = MIXED.exec(line);
  if (mixed) return found(mixed, 60 * Number(mixed[1]) + Number(mixed[2]), 'seconds');
  const range = RANGE.exec(line);
  if (range) {
    const [unit, each] = unitOf(range[3]);
    const [a, b] = [Number(range[1]) * each, Number(range[2]) * each].toSorted((one, two) => one - two) as [
      number,
      number,
    ];
    return found(range, (a + b) / 2, unit, [a, b]);
  }
  const counted = COUNTED.exec(line);
  if (counted) {
    const [unit, each] = unitOf(counted[2]);
    return found(counted, Number(counted[1]) * each, unit);
  }
  const marked = MARKED.exec(line);
  if (marked) return found(marked, Number(marked[1]), 'times');
  const bare = BARE.exec(line);
  return bare ? found(bare, Number(bare[1]), null) : null;
}

/** A line without "in all" and what means the same. */
export const withoutInAll = (line: string): string => line.replace(IN_ALL, ' ');
