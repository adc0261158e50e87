import type { Movement } from '../schema/movement';
import { rampedPhase } from '../schema/ramp';

const KNOWN = new WeakMap<Movement, Map<string, Movement>>();

/**
 * A movement as it is in one repetition, from 1, of so many: a little lower, wider or faster each time. A movement without
 * ramps is itself; the same repetition always answers the same object, so that what is worked out of it can be kept.
 */
export function rampedMovement(movement: Movement, repetition: number, of: number): Movement {
  if (movement.ramps.length === 0) return movement;
  const known = KNOWN.get(movement) ?? new Map<string, Movement>();
  KNOWN.set(movement, known);
  const key = `${repetition} ${of}`;
  const before = known.get(key);
  if (before) return before;
  const cycle = movement.parts.cycle.map((phase) => rampedPhase(phase, movement.ramps, repetition, of));
  const ramped = { ...movement, parts: { ...movement.parts, cycle } };
  known.set(key, ramped);
  return ramped;
}
