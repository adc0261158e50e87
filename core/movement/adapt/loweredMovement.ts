import type { Movement } from '../schema/movement';
import type { Parts } from '../schema/parts';
import type { Phase } from '../schema/phase';
import { rampedPhase } from '../schema/ramp';

const KNOWN = new WeakMap<Movement, Map<number, Movement>>();

/**
 * A movement so many degrees of knee bend lower than it is written, from beginning to end; a negative number is higher. The
 * same depth always answers the same object. `loweredMovement(horse, 5)` bends to 45 where the horse bends to 40.
 */
export function loweredMovement(movement: Movement, degrees: number): Movement {
  if (degrees === 0) return movement;
  const known = KNOWN.get(movement) ?? new Map<number, Movement>();
  KNOWN.set(movement, known);
  const before = known.get(degrees);
  if (before) return before;
  const ramps = [{ what: 'sink' as const, from: degrees, to: degrees }];
  const lower = (phases: readonly Phase[]): Phase[] => phases.map((phase) => rampedPhase(phase, ramps, 1, 1));
  const parts: Parts = { ...movement.parts, cycle: lower(movement.parts.cycle) };
  for (const name of ['entry', 'between', 'exit'] as const) {
    const phases = movement.parts[name];
    if (phases) parts[name] = lower(phases);
  }
  const start = { ...movement.start, sink: Math.min(110, Math.max(0, movement.start.sink + degrees)) };
  const lowered = { ...movement, start, parts };
  known.set(degrees, lowered);
  return lowered;
}
