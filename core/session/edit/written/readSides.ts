import type { LateralityChoice } from '../../../movement/schema/pass';

/** What a line says of sides and directions. */
export interface WrittenSides {
  readonly sides: LateralityChoice['sides'];
  readonly oneWay: boolean;
  /** Whether the amount was said to be for each side. */
  readonly aSide: boolean;
  /** Whether it was said to be for each direction. */
  readonly eachWay: boolean;
}

const SIDE = /\b(left|right|l|r)(?:\s+side)?\s+(first|only)\b/i;
const ONLY_SIDE = /\bonly\s+(?:on\s+)?(?:the\s+)?(left|right)\b/i;
const ONE_WAY = /\b(?:one way|one direction)(?:\s+only)?\b/i;
const PART = '(?:side|leg|arm|foot|hand)s?';
/** A count for each side: for most movements it is so anyway, for one done by turns it is twice as many. */
const A_SIDE = new RegExp(
  `\\b(?:(?:on |to )?(?:each|both|every|per|a)\\s*${PART}|each(?!\\s*(?:way|direction|of|one)))(?=\\W|$)`,
  'i',
);
const EACH_WAY =
  /\b(?:(?:in |on |to )?(?:each|both|every|per)\s*(?:ways?|directions?)|(?:back(?:wards?)?|fwd|forwards?)\s+and\s+(?:back(?:wards?)?|fwd|forwards?))(?=\W|$)/i;
/** Two numbers that are one on each side: "3+3", "3 L 3 R", "left 3 right 3"; or one in each direction: "6 back 6 fwd". */
const SUM = /(?<![\d.])(\d+)\s*\+\s*(\d+)(?![\d.])/;
const LEFT_RIGHT =
  /(?<![\d.])(\d+)\s*(?:left|right|l|r)\b[\s,+&]*(\d+)\s*(?:left|right|l|r)\b|\b(?:left|l)\s*(\d+)[\s,+&]*(?:right|r)\s*(\d+)\b/i;
const BACK_FORTH =
  /(?<![\d.])(\d+)\s*(?:back(?:wards?)?|bkwd|inwards?|in|clockwise|cw)\b[\s,+&]*(\d+)\s*(?:fwd|forwards?|outwards?|out|anticlockwise|acw)\b|(?<![\d.])(\d+)\s*(?:fwd|forwards?|outwards?|out)\b[\s,+&]*(\d+)\s*(?:back(?:wards?)?|bkwd|inwards?|in)\b/i;
/** Behind a number it is a count for each side: "3 left and right". */
const ON_BOTH = /(?<=\d\s*)left and right\b/i;

const FULL = { l: 'left', r: 'right' } as const;
const sideWord = (said: string): string => FULL[said.toLowerCase() as keyof typeof FULL] ?? said.toLowerCase();

/** Two numbers as one for each where they are alike; as a count in all where they are not. */
function evenly(match: RegExpExecArray, each: string): string {
  const [one, other] = match.slice(1).filter(Boolean).map(Number);
  return one === other ? ` ${one} ${each} ` : ` ${(one ?? 0) + (other ?? 0)} in all `;
}

/** Puts pairs of numbers right: "3 L 3 R" is "3 a side", "6 back 6 fwd" is "6 each way", "3+3" is "3 of both". */
const inPairs = (line: string): string => {
  let left = line;
  for (const [pattern, each] of [
    [LEFT_RIGHT, 'a side'],
    [BACK_FORTH, 'each way'],
    [SUM, 'both ways a side'],
  ] as const) {
    const match = pattern.exec(left);
    if (match) left = left.replace(match[0], evenly(match, each));
  }
  return left;
};

/** Takes what a line says of sides and directions out of it: what is said, and what is left. */
export function readSides(line: string): WrittenSides & { readonly left: string } {
  let left = inPairs(line);
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const match = pattern.exec(left);
    if (match) left = left.replace(match[0], ' ');
    return match;
  };
  const oneWay = take(ONE_WAY) !== null;
  const side = take(SIDE);
  const only = side ? null : take(ONLY_SIDE);
  const eachWay = take(EACH_WAY) !== null;
  const aSide = (take(ON_BOTH) ?? take(A_SIDE)) !== null;
  while (take(EACH_WAY) ?? take(A_SIDE));
  const sides = side
    ? `${sideWord(side[1] ?? '')}-${side[2]?.toLowerCase()}`
    : only
      ? `${sideWord(only[1] ?? '')}-only`
      : 'usual';
  return { sides: sides as LateralityChoice['sides'], oneWay, aSide, eachWay, left };
}
