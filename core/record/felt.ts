import { z } from 'zod';
import { Region } from '../body/written/region';
import { LineId, Slug } from '../words/ids';
import { localDay } from '../words/localDay';
import type { LogPoint } from './logPoint';
import { inTime, type Table } from './overTime';

/** What somebody may say of a class in one word, and how it is said. */
export const FELT_WORDS = {
  click: 'a click',
  tight: 'tight',
  sore: 'sore',
  unsteady: 'unsteady',
  giddy: 'giddy',
  easier: 'easier than before',
} as const;

export const FELT_SIDES = { left: 'left', right: 'right', both: 'both sides' } as const;

/**
 * What was felt in a class: what, where, on which side, in which line, and by whom where they agree that it is written down. Nothing
 * of it is a finding about anybody's health.
 */
export const Felt = z.object({
  id: LineId,
  what: z.enum(Object.keys(FELT_WORDS) as [keyof typeof FELT_WORDS, ...(keyof typeof FELT_WORDS)[]]),
  region: Region.nullable(),
  side: z.enum(['left', 'right', 'both']).nullable(),
  itemId: LineId.nullable(),
  personId: Slug.nullable(),
  words: z.string().max(200),
});
export type Felt = z.infer<typeof Felt>;

/** The same with the class it was felt in, and the movement of its line by its base id; null where that is none. */
export const FeltIn = Felt.extend({ logId: Slug, movementId: z.string().nullable() });
export type FeltIn = z.infer<typeof FeltIn>;

/** What of all that was felt is followed; null or absent follows any. */
export interface Followed {
  readonly personId?: string | null;
  readonly movementId?: string | null;
  readonly region?: Region | null;
}

/** How often something was felt in one class, on each side. */
export interface FeltOn {
  readonly point: LogPoint;
  readonly left: number;
  readonly right: number;
  readonly other: number;
  readonly words: readonly string[];
}

/** How it is said: "tight, left hips: after the bow". */
export const feltWords = ({ what, side, region, words }: Omit<Felt, 'id'>): string => {
  const where = [side && FELT_SIDES[side], region?.replace('-', ' ')].filter(Boolean).join(' ');
  return [[FELT_WORDS[what], where].filter(Boolean).join(', '), words].filter(Boolean).join(': ');
};

/** What is followed, class by class in the order they were taught: classes in which it was not felt stand between with nothing. */
export function followed(
  all: readonly FeltIn[],
  points: readonly LogPoint[],
  { personId = null, movementId = null, region = null }: Followed,
): FeltOn[] {
  const isOf = (one: FeltIn) =>
    (personId === null || one.personId === personId) &&
    (movementId === null || one.movementId === movementId) &&
    (region === null || one.region === region);
  return inTime(points).map((point): FeltOn => {
    const felt = all.filter((one) => one.logId === point.id && isOf(one));
    const on = (side: Felt['side']) => felt.filter((one) => one.side === side).length;
    const both = on('both');
    return {
      point,
      left: on('left') + both,
      right: on('right') + both,
      other: on(null),
      words: felt.map(feltWords),
    };
  });
}

/** The figures behind it. */
export const followedTable = (days: readonly FeltOn[]): Table => ({
  columns: ['Day', 'Class', 'Left', 'Right', 'No side', 'What'],
  rows: days.map(({ point, left, right, other, words }) => [
    localDay(point.startedAt),
    point.title,
    left,
    right,
    other,
    words.join('; '),
  ]),
});
