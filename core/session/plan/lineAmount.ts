import { rangeAround } from './line/lineEnds';
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

/** The same line with another count, or other seconds; its range goes along where it has to. */
export const withAmount = (item: Item, amount: number): Item =>
  matchItem<Item>(item, {
    movement: (line) =>
      line.ends.by === 'clock'
        ? { ...line, ends: { by: 'clock', seconds: amount } }
        : { ...line, count: amount, range: rangeAround(line.range, amount) },
    rest: (line) => ({ ...line, seconds: amount }),
    talk: (line) => ({ ...line, seconds: amount }),
    clock: (line) => ({ ...line, seconds: amount }),
  });
