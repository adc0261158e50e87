import type { PauseKind } from '../../plan/lineTitle';
import { readAmount } from './readAmount';

/** A rest, a talk or a line that keeps the clock. */
export interface WrittenPause {
  readonly kind: PauseKind;
  readonly seconds: number;
  readonly note: string;
  /** A bare small number may have meant another unit: its seconds in that unit; null where it is certain. */
  readonly orSeconds: number | null;
}

const DEFAULT_SECONDS: Readonly<Record<PauseKind, number>> = { rest: 30, talk: 60, clock: 300 };
/** A bare number up to this may be minutes; of a rest with no words it is minutes first only up to the second. */
const MINUTES_PERHAPS = 10;
const REST_MINUTES = 3;

interface Opening {
  readonly kind: PauseKind;
  readonly words: RegExp;
  /** Whether the word that begins the line says what it is for, and stays. */
  readonly isKept: boolean;
}

/** How a line begins in which nobody is led. */
const OPENINGS: readonly Opening[] = [
  { kind: 'rest', words: /^(?:rest|pause|break)\b/i, isKept: false },
  { kind: 'rest', words: /^(?:water|drinks?|tea break|sit down|seat|chair rest)\b/i, isKept: true },
  { kind: 'talk', words: /^(?:talk|say|explain)\b/i, isKept: false },
  {
    kind: 'talk',
    words:
      /^(?:welcome|register|names|notices|news|questions?|q\s*&\s*a|show|demo|demonstrate|partner work|discuss|feedback|how (?:is|are|was)|sit(?=\s+\d|$)|tea)\b/i,
    isKept: true,
  },
  { kind: 'clock', words: /^clock\b/i, isKept: false },
  { kind: 'clock', words: /^(?:tables|chairs|practi[sc]e|free practice)\b/i, isKept: true },
];

/** How a time is said in a note: "1 to 2 min", "30 to 45 s". */
const rangeSaid = (least: number, most: number): string =>
  most < 60 || least % 30 !== 0 || most % 30 !== 0 ? `${least} to ${most} s` : `${least / 60} to ${most / 60} min`;

/** The seconds of a pause and what else they may mean. */
function secondsOf(kind: PauseKind, hasWords: boolean, value: number, isBare: boolean): [number, number | null] {
  if (!isBare || value > MINUTES_PERHAPS) return [Math.round(value), null];
  const asMinutes = kind !== 'rest' || hasWords || value <= REST_MINUTES;
  return asMinutes ? [value * 60, value] : [value, value * 60];
}

/**
 * Reads a line in which nobody is led: "rest 45 s", "talk 2 min mind the knees", "water break 2", "tables to clear". Null where the
 * line begins like none of them. A range of time becomes its middle, and is kept in the words.
 */
export function readPause(line: string): WrittenPause | null {
  const opening = OPENINGS.find(({ words }) => words.test(line));
  if (!opening) return null;
  const { kind, words, isKept } = opening;
  const rest = isKept ? line : line.replace(words, '');
  const found = readAmount(rest);
  const said = (found ? rest.replace(found.said, ' ') : rest)
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/^(?:for|of|:|-)(?=\s|$)\s*/i, '')
    .replace(/\s*[,;:-]+$/, '');
  const { value = DEFAULT_SECONDS[kind], unit = null, least = null, most = null } = found?.amount ?? {};
  const isBare = found !== null && unit === null;
  const [seconds, orSeconds] = secondsOf(kind, said !== '', value, isBare);
  const range =
    least !== null && most !== null ? rangeSaid(isBare ? least * 60 : least, isBare ? most * 60 : most) : '';
  return { kind, seconds, note: [said, range].filter(Boolean).join(', '), orSeconds };
}
