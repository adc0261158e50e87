import { mirrorPose, type Pose } from '../../body/standing/pose';
import type { Side } from '../../body/written/side';
import { rememberBy } from '../../remember/rememberBy';
import { rememberFor } from '../../remember/rememberFor';
import type { Movement } from '../schema/movement';
import type { Pass } from '../schema/pass';
import { writtenSide } from './cycleFor';
import { type PartStride, walkMovement } from './walkMovement';

/**
 * A movement walked on its written side, worked out once: twice through its cycle, an alternating one four times, so that the
 * second time on each side is the usual one.
 */
export const cachedWalk = rememberBy(
  (movement: Movement, direction: Pass['direction']): readonly PartStride[] => {
    const cycles = movement.laterality.sides.kind === 'alternating' ? 4 : 2;
    return walkMovement(movement, { side: writtenSide(movement), direction, cycles });
  },
  (direction) => direction,
);

/** The mirror image of a pose, the same object every time, so that what is worked out of it can be kept. */
const mirrored = rememberFor(mirrorPose);

const onSide = (movement: Movement, pose: Pose, side: Side | null): Pose =>
  side === null || side === writtenSide(movement) ? pose : mirrored(pose);

/** How a movement's cycle leaves the class standing on one side, and how it begins on another, each in its own middle. */
export function betweenSides(
  movement: Movement,
  direction: Pass['direction'],
  from: Side | null,
  to: Side | null,
): { readonly ends: Pose; readonly begins: Pose } | null {
  const cycle = cachedWalk(movement, direction).filter(({ part }) => part === 'cycle');
  const [first, last] = [cycle[0], cycle.at(-1)];
  if (!first || !last) return null;
  return { ends: onSide(movement, last.stride.to, from), begins: onSide(movement, first.stride.from, to) };
}

/** The pose a movement begins in when it is done on `side`, standing in its own middle. */
export function firstPose(movement: Movement, side: Side | null, direction: Pass['direction']): Pose | null {
  const first = cachedWalk(movement, direction)[0];
  if (!first) return null;
  return onSide(movement, first.stride.from, side);
}

/** The pose a movement ends in after its last repetition on `side` and its exit. */
export function lastPose(movement: Movement, side: Side | null, direction: Pass['direction']): Pose | null {
  const last = cachedWalk(movement, direction).at(-1);
  if (!last) return null;
  return side === null || last.side === null || side === last.side ? last.stride.to : mirrored(last.stride.to);
}
