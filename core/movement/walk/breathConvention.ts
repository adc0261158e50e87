import { skeletonOf } from '../../body/figure/skeleton';
import { fromRoom } from '../../body/geometry/frame';
import { subtract } from '../../body/geometry/vector';
import type { Pose } from '../../body/standing/pose';
import { SIDES, type Side } from '../../body/written/side';
import { rememberFor } from '../../remember/rememberFor';
import type { Movement } from '../schema/movement';
import { cachedWalk } from './cachedWalk';

/** Whether the hands push out on the out-breath or on the in-breath. */
export type BreathConvention = 'out' | 'in';

/** How far a hand is from the middle of the chest, forward or to a side, arm lengths: a bow is drawn sideways, and nobody pushes backwards. */
function reach(pose: Pose, side: Side): number {
  const { arms, spine, chestFrame, size } = skeletonOf(pose);
  const [across, forward] = fromRoom(chestFrame, subtract(arms[side].wrist, spine[2]));
  return Math.hypot(across, Math.max(0, forward)) / (ARM * size.height);
}

/** Shoulder to wrist, in body heights. */
const ARM = 0.332;
/** A hand between these heights from the shoulder, in arm lengths, pushes or draws rather than lifts or sinks. */
const LOWEST = -0.6;
const HIGHEST = 0.4;
/** Pushing this much further one way than the other makes a convention, arm lengths. */
const CLEAR = 0.3;

/**
 * Which breath a movement pushes on: effort on the out-breath is what most teach. Null where the hands do not push, or as much
 * one way as the other. Raising and sinking is no pushing.
 */
export const breathConvention = rememberFor((movement: Movement): BreathConvention | null => {
  let [out, into] = [0, 0];
  const walk = cachedWalk(movement, movement.laterality.directions.kind === 'both' ? 'first' : null);
  const once = walk.filter(({ part }) => part === 'cycle').slice(0, movement.parts.cycle.length);
  for (const { stride } of once) {
    const { breath } = stride.phase;
    if (breath !== 'in' && breath !== 'out') continue;
    for (const side of SIDES) {
      const [from, to] = [stride.from.hands[side].at, stride.to.hands[side].at];
      if ([from[2], to[2]].some((up) => up < LOWEST || up > HIGHEST)) continue;
      const further = reach(stride.to, side) - reach(stride.from, side);
      if (breath === 'out') out += further;
      else into += further;
    }
  }
  const answer = out - into > CLEAR ? 'out' : into - out > CLEAR ? 'in' : null;
  return answer;
});
