import { clamp } from 'remeda';
import type { Schools } from '../../movement/adapt/schools';
import type { FindMovement, Movement } from '../../movement/schema/movement';
import { wayOf } from '../../session/load/driftOf';
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
  if (!best) return item;
  return walkedBack({ ...item, count: best.count, rounds: best.rounds }, movement);
}

/** A class goes so far from its places before it walks back, metres, at so many metres a second, with a little to spare. */
const FARTHEST = 5;
const WALKS_BACK = 0.5;
const SPARE_SECONDS = 5;

/** What walks on and on is done in as many rounds as keep it in the hall, with time between them to walk back. */
function walkedBack(item: MovementItem, movement: Movement): MovementItem {
  const each = wayOf(movement);
  const all = item.count * item.rounds;
  if (each * all <= FARTHEST) return item;
  const { least, step } = movement.count;
  const inRound = Math.max(least, step * Math.floor(FARTHEST / each / step));
  const rounds = Math.min(20, Math.max(1, Math.round(all / inRound)));
  return { ...item, count: inRound, rounds, roundRest: secondsBack(each * inRound) };
}

const secondsBack = (metres: number): number => Math.ceil(metres / WALKS_BACK) + SPARE_SECONDS;

/** A class that has come less far from its places takes up from there, metres. */
const NEAR = 1.5;

/** Seconds in which a class walks back to its places after a line; none where it has hardly left them. */
export function secondsToWalkBack(item: MovementItem, find: FindMovement): number {
  const movement = find(item.movementId);
  // Between its rounds a class only walks back where there is time for it.
  const rounds = item.roundRest > 0 ? 1 : item.rounds;
  const metres = movement ? wayOf(movement) * item.count * rounds : 0;
  return metres <= NEAR ? 0 : secondsBack(metres);
}
