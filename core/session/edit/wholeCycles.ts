import { clamp } from 'remeda';
import { cycleAmount } from '../../movement/schema/cycleAmount';
import type { Movement } from '../../movement/schema/movement';

/** The most of anything a line counts. */
const MOST = 3600;

/**
 * A count of a movement as whole cycles, the nearest, at least one: of a movement whose cycle has eight beats, 20 is 24 (in its own
 * unit; per side and direction).
 */
export function wholeCycles(movement: Pick<Movement, 'parts' | 'count'>, count: number): number {
  const each = cycleAmount(movement.parts.cycle, movement.count.unit);
  if (each <= 0) return clamp(count, { min: 1, max: MOST });
  return each * clamp(Math.round(count / each), { min: 1, max: Math.floor(MOST / each) });
}
