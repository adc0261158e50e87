/** Which part of a form is meant: its first postures, some of them, or from one that is named to another. */
export type WrittenPart =
  | { readonly by: 'number'; readonly first: number; readonly last: number }
  | { readonly by: 'share'; readonly share: number }
  | { readonly by: 'name'; readonly from: string | null; readonly to: string };

const SHARES: Readonly<Record<string, number>> = { half: 1 / 2, third: 1 / 3, quarter: 1 / 4 };
const SHARE = /\bfirst (half|third|quarter)(?: of)?\b/i;
const FIRST = /\bfirst (\d+|two|three|four|five|six|seven|eight|nine|ten|twelve)(?: postures?| pieces?)?(?: of)?\b/i;
const NUMBERED = /\b(?:postures?|pieces?|nos?\.?|from)\s*(\d+)\s*(?:-|to)\s*(\d+)\b/i;
const FROM_TO = /\bfrom (?:the )?([\p{L}][\p{L} ]*?) (?:up )?to (?:the )?([\p{L}][\p{L} ]*)$/iu;
const TO = /\b(?:up )?to (?:the )?([\p{L}][\p{L} ]*)$/iu;
const NUMBERS: Readonly<Record<string, number>> = {
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
};

interface FoundPart {
  readonly part: WrittenPart;
  /** The line without it. */
  readonly left: string;
}
const found = (line: string, pattern: RegExp, partOf: (match: RegExpExecArray) => WrittenPart): FoundPart | null => {
  const match = pattern.exec(line);
  return match && { part: partOf(match), left: line.replace(match[0], ' ').replace(/\s+/g, ' ').trim() };
};

/** Takes out of a line which part of a form it means by numbers: "first third of", "first four", "postures 3 to 8"; null where none. */
export const readCountedPart = (line: string): FoundPart | null =>
  found(line, SHARE, ([, share = '']) => ({ by: 'share', share: SHARES[share.toLowerCase()] ?? 1 })) ??
  found(line, FIRST, ([, many = '']) => ({
    by: 'number',
    first: 1,
    last: NUMBERS[many.toLowerCase()] ?? Number(many),
  })) ??
  found(line, NUMBERED, ([, first, last]) => ({ by: 'number', first: Number(first), last: Number(last) }));

/** Takes out of a line from which posture to which a form is meant, "to the whip"; null where it names none. */
export const readNamedPart = (line: string): FoundPart | null =>
  found(line, FROM_TO, ([, from = '', to = '']) => ({ by: 'name', from, to })) ??
  found(line, TO, ([, to = '']) => ({ by: 'name', from: null, to }));
