import { rememberBy } from '../../remember/rememberBy';
import type { Movement } from '../schema/movement';
import { rampedPhase } from '../schema/ramp';

/**
 * A movement as it is in one repetition, from 1, of so many: a little lower, wider or faster each time. A movement without
 * ramps is itself; the same repetition always answers the same object, so that what is worked out of it can be kept.
 */
export const rampedMovement = (movement: Movement, repetition: number, of: number): Movement =>
  movement.ramps.length === 0 ? movement : keptRamped(movement, repetition, of);

const keptRamped = rememberBy(
  (movement: Movement, repetition: number, of: number): Movement => {
    const cycle = movement.parts.cycle.map((phase) => rampedPhase(phase, movement.ramps, repetition, of));
    return { ...movement, parts: { ...movement.parts, cycle } };
  },
  (repetition, of) => `${repetition} ${of}`,
);
