import { inDigits } from './inDigits';
import { readAmount, type WrittenAmount, withoutInAll } from './readAmount';
import { readCountedPart } from './readPart';
import { readPause, type WrittenPause } from './readPause';
import { readSides, type WrittenSides } from './readSides';

/** A movement or a form as it was written on one line: a name, perhaps how much of it, sides, rounds. */
export interface WrittenMovement extends WrittenSides {
  readonly kind: 'movement';
  readonly name: string;
  /** Which part of it is meant, if it is a form, and its name without that; null where none is said. */
  readonly part: ReturnType<typeof readCountedPart>;
  readonly amount: WrittenAmount | null;
  /** Null where none are said. */
  readonly rounds: number | null;
  /** Whether the rounds were said as "twice", or "once through": of a form, all of it. */
  readonly isThrough: boolean;
  readonly ownBreath: boolean;
  /** Whether it ends when it flows, or when the instructor says so. */
  readonly open: boolean;
}

/** What an instructor wrote on one line: a movement or a form; or a rest, a talk or a line that keeps the clock with its seconds. */
export type WrittenLine = WrittenMovement | WrittenPause;

const TIME = '\\d+(?:\\.\\d+)?\\s*(?:minutes?|mins?|min|m|seconds?|secs?|sec|s)';
/** "3x8", "2 rounds of 8": the amount follows. */
const SETS = /(?:^|\s)(\d+)\s*(?:rounds?|sets?|goes|x)\s*(?:of\s*)?(?=\d)/i;
const ROUNDS = /(?:^|\s|,)\s*(\d+)\s*(?:rounds?|sets?|goes)\b/i;
/** "30 sec x 2" is two rounds of thirty seconds. */
const TIMED_ROUNDS = new RegExp(`(${TIME})\\s*(?:,\\s*)?(?:x\\s*(\\d+)|(\\d+)\\s*(?:x|times))(?=\\W|$)`, 'i');
const THROUGH = /\b(?:(once)|(twice)|(thrice))\b(?:\s+(?:over|through))?|(?:^|\s)(\d+)\s*(?:x|times)?\s*through\b/i;
const OWN =
  /\b(?:in (?:your|their|our) own time|at (?:your|their) own pace|own pace|free(?:ly)?(?: breath(?:s|ing)?)?|breathing freely|breathe freely)\b/i;
const OPEN =
  /\b(?:until it flows|till it flows|as (?:long|many|much) as (?:is )?(?:comfortable|you like)|until i say(?: so)?|open end(?:ed)?)\b/i;
/** Words at the end that say nothing more. */
const FILLERS = /(?:^|\s)(?:do|for|about|ca|please|slow|slowly|gently|easy|and|then|with|of|reps?)\s*$/i;

const timesThrough = (match: RegExpExecArray): number =>
  match[1] ? 1 : match[2] ? 2 : match[3] ? 3 : Number(match[4]);

function nameIn(left: string): string {
  let name = left
    .replace(/[,;:+]+(?=\s|$)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  for (let before = ''; before !== name; ) {
    before = name;
    name = name.replace(FILLERS, '').trim();
  }
  return name;
}

/**
 * Reads a line the way it would be written on paper.
 * `readLine('cloud hands 6')` is cloud hands, six; `readLine('8 ankle circles left first')`, `readLine('standing post 5 min')`,
 * `readLine('lift the sky 3 sets of 8')`, `readLine('rest one minute')`, `readLine('lantern form x2')`, `readLine("tree 10'")` work too.
 */
export function readLine(text: string): WrittenLine {
  const line = inDigits(text);
  const pause = readPause(line);
  if (pause) return pause;
  const sided = readSides(line);
  let { left } = sided;
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const match = pattern.exec(left);
    if (match) left = left.replace(match[0], ' ');
    return match;
  };
  const ownBreath = (take(/\bfree(?= breaths?\b)/i) ?? take(OWN)) !== null;
  const open = take(OPEN) !== null;
  const timed = TIMED_ROUNDS.exec(left);
  if (timed) left = left.replace(timed[0], ` ${timed[1]} `);
  const sets = timed ? null : (take(SETS) ?? take(ROUNDS));
  const part = readCountedPart(left);
  const through = take(THROUGH);
  const found = readAmount(left);
  if (found) left = withoutInAll(left.replace(found.said, ' '));
  const rounds = timed ? Number(timed[2] ?? timed[3]) : sets ? Number(sets[1]) : null;
  const { left: _, ...sides } = sided;
  return {
    ...sides,
    kind: 'movement',
    name: nameIn(left),
    part: part && { ...part, left: nameIn(part.left) },
    amount: found?.amount ?? (through ? { ...NO_RANGE, value: timesThrough(through), unit: 'times' } : null),
    rounds: rounds === null ? null : Math.max(1, rounds),
    isThrough: through !== null,
    ownBreath,
    open,
  };
}

const NO_RANGE = { least: null, most: null, inAll: false } as const;
