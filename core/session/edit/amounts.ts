import { clamp } from 'remeda';
import type { Movement } from '../../movement/schema/movement';
import { steppedCount } from '../plan/defaults';
import { type LineRange, rangeAround } from '../plan/line/lineEnds';
import { matchItem } from '../plan/matchItem';
import type { Item, MovementItem } from '../plan/session';
import type { LineChange } from './edit';
import { wholeCycles } from './wholeCycles';

/** Seconds that one step adds to what is counted in seconds, and the least that steps lead to. */
const STEP_SECONDS = 10;
const LEAST_SECONDS = 5;
const MOST_SECONDS = { line: 3600, byTheClock: 7200 } as const;

/** The next ten seconds up or down: 12 goes to 20 or 10; below ten comes five, and nothing below that. */
function steppedSeconds(seconds: number, direction: 1 | -1, most: number): number {
  if (direction === 1) return Math.min(most, Math.floor(seconds / STEP_SECONDS) * STEP_SECONDS + STEP_SECONDS);
  const down = Math.ceil(seconds / STEP_SECONDS) * STEP_SECONDS - STEP_SECONDS;
  return Math.min(seconds, Math.max(LEAST_SECONDS, down));
}

/** A range that goes along with its count, as wide as before where there is room. */
function movedRange(range: LineRange | null, by: number, movement: Movement): LineRange | null {
  const moved = (count: number) => wholeCycles(movement, Math.max(0, count + by));
  return range && { least: moved(range.least), most: moved(range.most) };
}

/** What one step more or less changes of a line: what it ends by, with its range; null where there is no further to go. */
export function steppedLine(item: Item, direction: 1 | -1, movement: Movement | undefined): LineChange | null {
  const pause = ({ seconds: now }: { readonly seconds: number }): LineChange | null => {
    const seconds = steppedSeconds(now, direction, MOST_SECONDS.line);
    return seconds === now ? null : { seconds };
  };
  return matchItem<LineChange | null>(item, {
    movement: (line) => {
      if (line.ends.by === 'clock') {
        const seconds = steppedSeconds(line.ends.seconds, direction, MOST_SECONDS.byTheClock);
        return seconds === line.ends.seconds ? null : { ends: { by: 'clock', seconds } };
      }
      if (!movement) return null;
      const count = steppedCount(movement, line.count, direction);
      const range = movedRange(line.range, count - line.count, movement);
      return count === line.count ? null : { count, ...(range && { range }) };
    },
    rest: pause,
    talk: pause,
    clock: pause,
  });
}

/** What a typed amount changes of a line: its seconds where it ends by the clock or is no movement, else its count. */
export const typedAmount = (item: Item, amount: number): LineChange =>
  matchItem<LineChange>(item, {
    movement: ({ ends }) =>
      ends.by === 'clock' ? { ends: { by: 'clock', seconds: Math.round(amount) } } : { count: amount },
    rest: () => ({ seconds: Math.round(amount) }),
    talk: () => ({ seconds: Math.round(amount) }),
    clock: () => ({ seconds: Math.round(amount) }),
  });

/**
 * A change of a movement's line with its amounts made whole: cycles, rounds, seconds of the clock; a range goes from less to more and
 * holds the count.
 */
export function withWholeAmounts(item: MovementItem, to: LineChange, movement: Movement | undefined): LineChange {
  const whole = (count: number) => (movement ? wholeCycles(movement, count) : count);
  const rounds = to.rounds === undefined ? {} : { rounds: clamp(Math.round(to.rounds), { min: 1, max: 20 }) };
  const ends =
    to.ends?.by === 'clock'
      ? { ends: { by: 'clock' as const, seconds: Math.max(1, Math.round(to.ends.seconds)) } }
      : {};
  if (to.count === undefined && to.range === undefined) return { ...to, ...rounds, ...ends };
  const range = to.range === undefined ? item.range : to.range;
  const asked = whole(to.count ?? item.count);
  if (to.range === undefined) {
    const around = rangeAround(range, asked);
    return { ...to, ...rounds, ...ends, count: asked, ...(around && { range: around }) };
  }
  const [least, most] = range ? [whole(range.least), whole(range.most)].toSorted((a, b) => a - b) : [];
  if (least === undefined || most === undefined) return { ...to, ...rounds, ...ends, count: asked, range: null };
  return {
    ...to,
    ...rounds,
    ...ends,
    count: clamp(asked, { min: least, max: most }),
    range: least < most ? { least, most } : null,
  };
}
