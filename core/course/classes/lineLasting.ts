import { clamp } from 'remeda';
import type { Schools } from '../../movement/adapt/schools';
import type { FindMovement } from '../../movement/schema/movement';
import type { MovementItem } from '../../session/plan/session';
import { secondsOfLines } from '../syllabus/lineMinutes';

/** A line is done again as a whole at most so often; each further round costs a little in the choice, for one round reads better. */
const MOST_ROUNDS = 3;
const ROUND_COST = 10;

/** A line with the count and the rounds that last nearest to so many seconds, within what its movement allows. */
export function lineLasting(item: MovementItem, seconds: number, find: FindMovement, schools: Schools): MovementItem {
  const movement = find(item.movementId);
  if (!movement) return item;
  const { least, most, step } = movement.count;
  const lasting = (count: number, rounds: number) => secondsOfLines([{ ...item, count, rounds }], find, schools);
  const each = most > least ? (lasting(most, 1) - lasting(least, 1)) / (most - least) : 0;
  const choices = Array.from({ length: MOST_ROUNDS }, (_, place) => {
    const rounds = place + 1;
    const atLeast = lasting(least, rounds);
    const more = each > 0 ? (seconds - atLeast) / (each * rounds) : 0;
    const count = clamp(least + step * Math.round(more / step), { min: least, max: most });
    return { count, rounds, off: Math.abs(lasting(count, rounds) - seconds) + ROUND_COST * place };
  });
  const [best] = choices.toSorted((a, b) => a.off - b.off);
  return best ? { ...item, count: best.count, rounds: best.rounds } : item;
}
