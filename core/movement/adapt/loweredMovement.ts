import { clamp } from 'remeda';
import { rememberBy } from '../../remember/rememberBy';
import type { Movement } from '../schema/movement';
import type { Parts } from '../schema/parts';
import type { Phase } from '../schema/phase';
import { rampedPhase } from '../schema/ramp';

/**
 * A movement so many degrees of knee bend lower than it is written, from beginning to end; a negative number is higher. The
 * same depth always answers the same object. `loweredMovement(horse, 5)` bends to 45 where the horse bends to 40.
 */
export const loweredMovement = (movement: Movement, degrees: number): Movement =>
  degrees === 0 ? movement : keptLowered(movement, degrees);

const keptLowered = rememberBy(
  (movement: Movement, degrees: number): Movement => {
    const ramps = [{ what: 'sink' as const, from: degrees, to: degrees }];
    const lower = (phases: readonly Phase[]): Phase[] => phases.map((phase) => rampedPhase(phase, ramps, 1, 1));
    const parts: Parts = { ...movement.parts, cycle: lower(movement.parts.cycle) };
    for (const name of ['entry', 'between', 'exit'] as const) {
      const phases = movement.parts[name];
      if (phases) parts[name] = lower(phases);
    }
    const start = { ...movement.start, sink: clamp(movement.start.sink + degrees, { min: 0, max: 110 }) };
    return { ...movement, start, parts };
  },
  (degrees) => degrees,
);
