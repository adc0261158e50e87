import { isSeated } from '../../body/written/load';
import { rememberBy } from '../../remember/rememberBy';
import type { Movement } from '../schema/movement';
import type { Phase } from '../schema/phase';

/**
 * A movement that bends the knees no further than a class has found to be right today, in degrees; what is higher stays as it is, and
 * so does what is done on a chair. The same depth always answers the same object, a movement that never goes so low itself.
 * `cappedMovement(horse, 30)` bends to 30 where the horse bends to 40.
 */
export const cappedMovement = (movement: Movement, deepest: number | null): Movement =>
  deepest === null || !goesBelow(movement, deepest) ? movement : keptCapped(movement, deepest);

/** Whether a movement bends the knees further than so many degrees. */
export function goesBelow({ start, parts }: Movement, deepest: number): boolean {
  if (isSeated(start.load)) return false;
  const phases = [parts.entry, parts.cycle, parts.between, parts.exit].flatMap((some) => some ?? []);
  return start.sink > deepest || phases.some(({ to }) => (to.sink ?? 0) > deepest);
}

const keptCapped = rememberBy(
  (movement: Movement, deepest: number): Movement => {
    const cap = (phases: readonly Phase[]): Phase[] =>
      phases.map((phase) =>
        (phase.to.sink ?? 0) > deepest ? { ...phase, to: { ...phase.to, sink: deepest } } : phase,
      );
    const { entry, cycle, between, exit } = movement.parts;
    return {
      ...movement,
      start: { ...movement.start, sink: Math.min(movement.start.sink, deepest) },
      parts: {
        ...(entry ? { entry: cap(entry) } : {}),
        cycle: cap(cycle),
        ...(between ? { between: cap(between) } : {}),
        ...(exit ? { exit: cap(exit) } : {}),
      },
    };
  },
  (deepest) => deepest,
);
