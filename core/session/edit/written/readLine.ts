import type { LateralityChoice } from '../../../movement/schema/pass';
import type { PauseKind } from '../../plan/lineTitle';
import { inDigits } from './inDigits';
import { readAmount, type WrittenAmount, withoutInAll } from './readAmount';

/** What an instructor wrote on one line: a name, perhaps how much, a side, rounds; or a rest, a talk or a line that keeps the clock with its seconds. */
export type WrittenLine =
  | {
      readonly kind: 'movement';
      readonly name: string;
      readonly amount: WrittenAmount | null;
      /** Null where none are said. */
      readonly rounds: number | null;
      readonly sides: LateralityChoice['sides'];
      readonly oneWay: boolean;
      /** Whether the amount was said to be for each side. */
      readonly aSide: boolean;
      readonly ownBreath: boolean;
      /** Whether it ends when it flows, or when the instructor says so. */
      readonly open: boolean;
    }
  | {
      readonly kind: PauseKind;
      readonly seconds: number;
      readonly note: string;
      /** A bare small number may have meant minutes: so many seconds then; null where it is certain. */
      readonly orSeconds: number | null;
    };

const DEFAULT_SECONDS: Readonly<Record<PauseKind, number>> = { rest: 30, talk: 60, clock: 300 };
/** A bare number up to this may be minutes. */
const MINUTES_PERHAPS = 10;

const SETS = /(?:^|\s)(\d+)\s*(?:rounds?|sets?|goes|x|×)\s*(?:of\s*)?(?=\d)/i;
const ROUNDS = /(?:^|\s|,)\s*(\d+)\s*(?:rounds?|sets?)\b/i;
const TWICE = /\b(?:(once)|(twice)|thrice)\b(?: (?:over|through))?/i;
const SIDE = /\b(left|right)(?:\s+side)?\s+(first|only)\b/i;
const ONLY_SIDE = /\bonly\s+(?:the\s+)?(left|right)\b/i;
const ONE_WAY = /\b(?:one way|one direction)(?:\s+only)?\b/i;
const OWN =
  /\b(?:in (?:your|their|our) own time|at (?:your|their) own pace|own pace|free(?:ly)?(?: breath(?:s|ing)?)?|breathing freely|breathe freely)\b/i;
const OPEN =
  /\b(?:until it flows|till it flows|as (?:long|many|much) as (?:is )?(?:comfortable|you like)|until i say(?: so)?|open end(?:ed)?)\b/i;
/** A count for each side: for most movements it is so anyway, for one done by turns it is twice as many. */
const A_SIDE =
  /\b(?:(?:on |to )?(?:each|both|every|per|a)\s*(?:side|leg|arm|foot|hand)s?|e\/s|each(?!\s*(?:way|direction)))(?=\W|$)/i;
/** What is said for clearness and is so anyway: a count is for each way. */
const EACH = /\b(?:(?:on |to )?(?:each|both|every|per)\s*(?:side|way|direction|leg|arm|foot|hand)s?|e\/s|each)\b/gi;
const FILLERS = /\b(?:do|for|about|ca|please|slowly|gently|and|then|with)\b\s*$/i;

const REST = /^(rest|pause|talk|say|explain|break|clock|tables|chairs|practise|practice)\b/i;
/** What only keeps the clock says by its first word what it is. */
const KEEPS_ITS_WORD = ['tables', 'chairs', 'practise', 'practice'];
const KINDS: Readonly<Record<string, PauseKind>> = {
  rest: 'rest',
  pause: 'rest',
  break: 'rest',
  talk: 'talk',
  say: 'talk',
  explain: 'talk',
  clock: 'clock',
  tables: 'clock',
  chairs: 'clock',
  practise: 'clock',
  practice: 'clock',
};

function readPause(kind: PauseKind, rest: string): WrittenLine {
  const found = readAmount(rest);
  const note = (found ? rest.replace(found.said, ' ') : rest)
    .replace(/\s+/g, ' ')
    .replace(/^\s*(?:for|of)\b/i, '')
    .trim();
  const { value = DEFAULT_SECONDS[kind], unit = null } = found?.amount ?? {};
  const isBare = found !== null && unit === null;
  return {
    kind,
    seconds: Math.round(value),
    note,
    orSeconds: isBare && value <= MINUTES_PERHAPS ? value * 60 : null,
  };
}

/**
 * Reads a line the way it would be written on paper.
 * `readLine('cloud hands 6')` is cloud hands, six; `readLine('8 ankle circles left first')`, `readLine('standing post 5 min')`,
 * `readLine('lift the sky 3 sets of 8')`, `readLine('rest one minute')`, `readLine('lantern form 3-6')` work too.
 */
export function readLine(text: string): WrittenLine {
  const line = inDigits(text);
  const word = REST.exec(line)?.[1]?.toLowerCase();
  const kind = word === undefined ? undefined : KINDS[word];
  if (word !== undefined && kind)
    return readPause(kind, KEEPS_ITS_WORD.includes(word) ? line : line.slice(word.length));
  let left = line;
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const match = pattern.exec(left);
    if (match) left = left.replace(match[0], ' ');
    return match;
  };
  const ownBreath = (take(/\bfree(?= breaths?\b)/i) ?? take(OWN)) !== null;
  const open = take(OPEN) !== null;
  const oneWay = take(ONE_WAY) !== null;
  const side = take(SIDE);
  const only = side ? null : take(ONLY_SIDE);
  const aSide = take(A_SIDE) !== null;
  left = left.replace(EACH, ' ');
  const sets = take(SETS) ?? take(ROUNDS);
  const found = readAmount(left);
  if (found) left = withoutInAll(left.replace(found.said, ' '));
  const often = found ? null : take(TWICE);
  const said = often ? (often[1] ? 1 : often[2] ? 2 : 3) : null;
  const sides = side
    ? (`${side[1]}-${side[2]}`.toLowerCase() as LateralityChoice['sides'])
    : only
      ? (`${only[1]}-only`.toLowerCase() as LateralityChoice['sides'])
      : 'usual';
  const alone: WrittenAmount | null =
    said === null ? null : { value: said, least: null, most: null, unit: 'times', inAll: false };
  return {
    kind: 'movement',
    name: left
      .replace(/[,;:]+(?=\s|$)/g, ' ')
      .replace(/\s+/g, ' ')
      .trim()
      .replace(FILLERS, '')
      .trim(),
    amount: found?.amount ?? alone,
    rounds: sets ? Math.max(1, Number(sets[1])) : null,
    sides,
    oneWay,
    aSide,
    ownBreath,
    open,
  };
}
