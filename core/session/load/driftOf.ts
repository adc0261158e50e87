import type { Side } from '../../body/written/side';
import type { Movement } from '../../movement/schema/movement';
import { cachedWalk } from '../../movement/walk/cachedWalk';
import { writtenSide } from '../../movement/walk/cycleFor';
import { displacement } from '../../movement/walk/stride';
import { rememberFor } from '../../remember/rememberFor';
import type { Segment } from '../timeline/segment';

/** Metres to the right and forward. */
export interface Drift {
  readonly x: number;
  readonly y: number;
}

/** How far one cycle of a movement carries the feet on its written side; half of there and back for an alternating one. */
const cycleDrift = rememberFor((movement: Movement): Drift => {
  const alternating = movement.laterality.sides.kind === 'alternating';
  const cycles = alternating ? 2 : 1;
  // The first cycle starts from the movement's own beginning; from the second on all are alike.
  const walk = cachedWalk(movement, movement.laterality.directions.kind === 'both' ? 'first' : null);
  const strides = walk.filter(({ part }) => part === 'cycle').map(({ stride }) => stride);
  const { x, y } = displacement(strides.slice(strides.length / 2));
  const drift = { x: x / cycles, y: y / cycles };
  return drift;
});

/** How far one cycle of a movement carries a class from its places, metres. */
export const wayOf = (movement: Movement): number => Math.hypot(cycleDrift(movement).x, cycleDrift(movement).y);

/**
 * How far a segment carries the class, told at the beginning of a cycle for the whole of it; nothing for all others.
 * @param movement as the segment's line has it done
 * @param facing which way the line is turned, degrees clockwise from the front
 */
export function driftOf(movement: Movement, segment: Segment, facing = 0): Drift {
  const { x, y } = unturnedDrift(movement, segment);
  if (facing === 0 || (x === 0 && y === 0)) return { x, y };
  const angle = (facing * Math.PI) / 180;
  return { x: x * Math.cos(angle) + y * Math.sin(angle), y: y * Math.cos(angle) - x * Math.sin(angle) };
}

function unturnedDrift(movement: Movement, { kind, phase, side, direction }: Segment): Drift {
  if (kind !== 'move' || phase !== 0) return { x: 0, y: 0 };
  const one = cycleDrift(movement);
  const { sides, directions } = movement.laterality;
  const written: Side | null = writtenSide(movement);
  const retraces = directions.kind === 'both' && directions.reversal === 'retraced' && direction === 'reversed';
  const reversed = direction === 'reversed' && !retraces;
  const mirrored = sides.kind !== 'alternating' && written !== null && side !== null && side !== written;
  const across = one.x * (mirrored !== reversed ? -1 : 1);
  return retraces ? { x: -across, y: -one.y } : { x: across, y: one.y };
}
