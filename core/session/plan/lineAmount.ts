import { matchItem } from './matchItem';
import type { Item } from './session';

/** How much of a line there is: its count, or the seconds of a rest or a talk. */
export const lineAmount = (item: Item): number =>
  matchItem(item, {
    movement: ({ count }) => count,
    rest: ({ seconds }) => seconds,
    talk: ({ seconds }) => seconds,
  });

/** The same line with another count, or other seconds. */
export const withAmount = (item: Item, amount: number): Item =>
  matchItem<Item>(item, {
    movement: (line) => ({ ...line, count: amount }),
    rest: (line) => ({ ...line, seconds: amount }),
    talk: (line) => ({ ...line, seconds: amount }),
  });
