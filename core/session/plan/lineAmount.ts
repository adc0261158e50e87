import { matchItem } from './matchItem';
import type { Item } from './session';

/** How much of a line there is: its count, or the seconds of a rest, a talk, a line that keeps the clock or a movement that ends by it. */
export const lineAmount = (item: Item): number =>
  matchItem(item, {
    movement: ({ ends, count }) => (ends.by === 'clock' ? ends.seconds : count),
    rest: ({ seconds }) => seconds,
    talk: ({ seconds }) => seconds,
    clock: ({ seconds }) => seconds,
  });
