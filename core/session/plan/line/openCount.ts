import type { Movement } from '../../../movement/schema/movement';
import type { LineEnds, LineRange } from './lineEnds';

/** What of a line says how it ends. */
interface Line {
  readonly ends: LineEnds;
  readonly range: LineRange | null;
  readonly count: number;
  readonly pinned: boolean;
}

/** How much less and how much more of its count an open line may be, on each side, in the movement's own unit. */
export interface OpenCount {
  readonly less: number;
  readonly more: number;
}

/** Without a range of its own an open line may be half as much again, or half of it. Convention. */
const WITHOUT_A_RANGE = 0.5;

/**
 * How far a line may go on until its instructor ends it; null where its count or the clock ends it. A count of 9 between 6 and 12 may
 * be 3 less and 3 more.
 */
export function openCount(
  { ends, range, count, pinned }: Line,
  { count: { ends: usually } }: Pick<Movement, 'count'>,
): OpenCount | null {
  const isUsuallyOpen = ends.by === 'count' && !pinned && (usually === 'open' || usually === 'until-it-flows');
  if (ends.by !== 'instructor' && !isUsuallyOpen) return null;
  const some = count * WITHOUT_A_RANGE;
  return range ? { less: count - range.least, more: range.most - count } : { less: some, more: some };
}
