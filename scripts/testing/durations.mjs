import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const FILE = join(import.meta.dirname, 'durations.json');
/** What a file takes of which nothing is known yet, seconds: it begins early. */
const UNKNOWN = 20;

/** How long each file of tests took when that was last kept, seconds, by its path from the root. */
export const keptDurations = () => (existsSync(FILE) ? JSON.parse(readFileSync(FILE, 'utf8')) : {});

/** @returns seconds */
export const durationOf = (durations, file) => durations[file] ?? UNKNOWN;

/** Keeps how long the files of a whole run took: `npm test -- --keep-durations`. */
export function keepDurations(seconds) {
  const rounded = Object.entries(seconds).map(([file, one]) => [file, Math.round(one * 10) / 10]);
  const sorted = rounded.toSorted(([a], [b]) => (a < b ? -1 : 1));
  writeFileSync(FILE, `${JSON.stringify(Object.fromEntries(sorted), null, 2)}\n`);
}
