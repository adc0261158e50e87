import type { LateralityChoice } from '../../movement/schema/pass';

/** What an instructor wrote on one line: a name, perhaps a count, a side, rounds; or a rest or a talk with its seconds. */
export type WrittenLine =
  | {
      readonly kind: 'movement';
      readonly name: string;
      readonly count: number | null;
      /** Places of a form, the first and the last, from 1; null where none are named. */
      readonly part: readonly [first: number, last: number] | null;
      readonly rounds: number;
      readonly sides: LateralityChoice['sides'];
    }
  | { readonly kind: 'rest' | 'talk'; readonly seconds: number; readonly note: string };

const DEFAULT_SECONDS = { rest: 30, talk: 60 } as const;
const TIME = /\b(\d+(?:\.\d+)?)\s*(min(?:ute)?s?|m|s|sec(?:ond)?s?)\b/i;
const ROUNDS = /\b(\d+)\s*rounds?\b/i;
const PART = /\b(\d+)\s*(?:-|–|to)\s*(\d+)\b/i;
const SIDE = /\b(left|right)\s+(first|only)\b/i;
const COUNT =
  /(?:^|\s)(?:x\s*)?(\d+)(?:\s*(?:x|times|reps?|repetitions?|breaths?|beats?|s|sec(?:ond)?s?|each(?:\s+side)?))*(?=\s|$)/i;

/**
 * Reads a line the way it would be written on paper.
 * `readLine('cloud hands 6')` is cloud hands with a count of 6; `readLine('8 ankle circles left first')`,
 * `readLine('rest 45s')`, `readLine('talk 2 min knees')`, `readLine('lantern form 3-6')` work too.
 */
export function readLine(text: string): WrittenLine {
  const line = text.trim().replace(/\s+/g, ' ');
  const word = /^(rest|talk)\b/i.exec(line)?.[1]?.toLowerCase();
  if (word === 'rest' || word === 'talk') {
    const rest = line.slice(word.length);
    const time = TIME.exec(rest) ?? /\b(\d+)\b/.exec(rest);
    const amount = time ? Number(time[1]) * (time[2]?.toLowerCase().startsWith('m') ? 60 : 1) : DEFAULT_SECONDS[word];
    return { kind: word, seconds: amount, note: rest.replace(time?.[0] ?? '', '').trim() };
  }
  let left = line;
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const match = pattern.exec(left);
    if (match) left = left.replace(match[0], ' ');
    return match;
  };
  const rounds = take(ROUNDS);
  const side = take(SIDE);
  const part = take(PART);
  const count = take(COUNT);
  return {
    kind: 'movement',
    name: left.replace(/\s+/g, ' ').trim(),
    count: count ? Number(count[1]) : null,
    part: part ? [Number(part[1]), Number(part[2])] : null,
    rounds: rounds ? Math.max(1, Number(rounds[1])) : 1,
    sides: side ? (`${side[1]}-${side[2]}`.toLowerCase() as LateralityChoice['sides']) : 'usual',
  };
}
