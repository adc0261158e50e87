import dayjs from 'dayjs';
import type { Taken } from '../../course/schema/course';

/**
 * A record as a short code that is read off one screen and typed on another: letters and digits that are not taken for each other, at
 * most 36. In it are the class, when it began, how long it took, how many came, which lines were left out, how what was taught was
 * taken, and a check.
 */
export interface CodedRecord {
  /** Minutes since 1970 at which it began. */
  readonly beganAt: number;
  readonly tookMinutes: number;
  /** Null where it was not noted. */
  readonly came: number | null;
  /** For each line of the class, in order, whether it was left out. */
  readonly leftOut: readonly boolean[];
  /** For each thing that was asked after, in order; null where nothing was said. */
  readonly taken: readonly (Taken | null)[];
}

/** Twenty for the class, 24 for when it began, nine for how long, seven for how many, ten to check by. */
const BITS = { mark: 20, began: 24, took: 9, came: 7, check: 10, taken: 2 } as const;
const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
/** Minutes are counted from here, so that 24 bits last until 2057. */
const SINCE = dayjs('2026-01-01T00:00:00Z').valueOf() / 60_000;
const MOST = 36;
const TAKEN: readonly (Taken | null)[] = [null, 'has', 'half', 'again'];
const NOT_NOTED = 2 ** BITS.came - 1;

/** A number from 0 up to 2^32 that any change of a text changes (FNV-1a). */
function mark(text: string): number {
  let hash = 0x811c9dc5;
  for (const letter of text) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 0x01000193) >>> 0;
  return hash;
}

/** Of a class, what a code is told by: its lines in their order. */
export interface ClassLines {
  readonly id: string;
  readonly sections: readonly { readonly items: readonly { readonly id: string }[] }[];
}

/** What tells a class apart with the lines it has: another line, and it is another class. */
export const classMark = ({ id, sections }: ClassLines): number =>
  mark([id, ...sections.flatMap(({ items }) => items.map((item) => item.id))].join('\n')) >>> (32 - BITS.mark);

const bitsOf = (value: number, many: number): number[] =>
  Array.from({ length: many }, (_, at) => Math.floor(value / 2 ** (many - 1 - at)) % 2);
const numberOf = (bits: readonly number[]): number => bits.reduce((sum, bit) => 2 * sum + bit, 0);
const within = (value: number, bits: number): number => Math.min(2 ** bits - 1, Math.max(0, Math.round(value)));
const checkOf = (bits: readonly number[]): number[] => bitsOf(mark(bits.join('')) >>> (32 - BITS.check), BITS.check);

/** How many lines a class may have to be told in a code, with so many things that are asked after. */
export const mostLines = (asked: number): number =>
  5 * MOST - BITS.mark - BITS.began - BITS.took - BITS.came - BITS.check - BITS.taken * asked;

/** The code in groups of four, to be read aloud; null where the class has more lines than a code can tell. */
export function writeCode(session: ClassLines, record: CodedRecord): string | null {
  const { beganAt, tookMinutes, came, leftOut, taken } = record;
  if (leftOut.length > mostLines(taken.length)) return null;
  const said = [
    ...bitsOf(classMark(session), BITS.mark),
    ...bitsOf(within(beganAt - SINCE, BITS.began), BITS.began),
    ...bitsOf(within(tookMinutes, BITS.took), BITS.took),
    ...bitsOf(came === null ? NOT_NOTED : Math.min(NOT_NOTED - 1, came), BITS.came),
    ...taken.flatMap((one) => bitsOf(TAKEN.indexOf(one), BITS.taken)),
    ...leftOut.map(Number),
  ];
  const all = [...said, ...checkOf(said)];
  while (all.length % 5 !== 0) all.push(0);
  const letters = Array.from({ length: all.length / 5 }, (_, at) => ALPHABET[numberOf(all.slice(5 * at, 5 * at + 5))]);
  return letters.join('').replace(/(.{4})(?=.)/g, '$1 ');
}

/** Letters that are taken for digits, and how those are meant. */
const MEANT: Readonly<Record<string, string>> = { O: '0', I: '1', L: '1', U: 'V' };

export type ReadCode =
  | { readonly ok: true; readonly record: CodedRecord; readonly sessionId: string }
  | { readonly ok: false; readonly why: 'not a code' | 'no such class' | 'mistyped' };

/** The bits of a code as it was typed; small letters, spaces and hyphens do no harm. Null where it is none. */
function bitsIn(typed: string): readonly number[] | null {
  const letters = [...typed.toUpperCase().replace(/[\s-]/g, '')].map((letter) => MEANT[letter] ?? letter);
  const places = letters.map((letter) => ALPHABET.indexOf(letter));
  if (letters.length === 0 || letters.length > MOST || places.includes(-1)) return null;
  return places.flatMap((place) => bitsOf(place, 5));
}

/** What a code tells its class by, as {@link classMark} has it; null where it is no code. */
export function markIn(typed: string): number | null {
  const bits = bitsIn(typed);
  return bits && numberOf(bits.slice(0, BITS.mark));
}

/**
 * Reads a code against the classes it may be of.
 * @param askedOf how many things are asked after in a class
 */
export function readCode(typed: string, sessions: readonly ClassLines[], askedOf: (id: string) => number): ReadCode {
  const bits = bitsIn(typed);
  if (!bits) return { ok: false, why: 'not a code' };
  const marked = numberOf(bits.slice(0, BITS.mark));
  const session = sessions.find((one) => classMark(one) === marked);
  if (!session) return { ok: false, why: 'no such class' };
  let at = BITS.mark;
  const next = (many: number): number[] => {
    at += many;
    return bits.slice(at - many, at);
  };
  const [began, took, came] = [numberOf(next(BITS.began)), numberOf(next(BITS.took)), numberOf(next(BITS.came))];
  const taken = Array.from({ length: askedOf(session.id) }, () => TAKEN[numberOf(next(BITS.taken))] ?? null);
  const lines = session.sections.flatMap(({ items }) => items).length;
  const leftOut = next(lines).map(Boolean);
  const said = bits.slice(0, at);
  const check = next(BITS.check);
  if (check.length < BITS.check || check.join('') !== checkOf(said).join('')) return { ok: false, why: 'mistyped' };
  return {
    ok: true,
    sessionId: session.id,
    record: {
      beganAt: began + SINCE,
      tookMinutes: took,
      came: came === NOT_NOTED ? null : came,
      leftOut,
      taken,
    },
  };
}

/** The id of the record of a class that was carried: the same by its file and by its code, so that it is written down once. */
export const carriedLogId = (session: ClassLines, beganAt: number): string =>
  `carried-${classMark(session).toString(36)}-${Math.round(beganAt).toString(36)}`;
