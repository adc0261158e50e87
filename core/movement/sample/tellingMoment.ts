import type { Pose } from '../../body/standing/pose';
import type { Posture } from '../../body/written/posture';
import { SIDES, type Side } from '../../body/written/side';
import { rememberBy } from '../../remember/rememberBy';
import type { Movement } from '../schema/movement';
import { cycleStrip } from '../walk/strip';
import { FULL_SIZE } from './overlayRun';
import { samplePose } from './samplePose';

/** The moment of a movement that tells most of it in one picture. */
export interface TellingMoment {
  readonly pose: Pose;
  readonly posture: Posture;
}

/** How far a pose is from standing at ease: a hand far out, a lifted foot, a bent or turned trunk, a deep knee. */
function told({ hands, load, spine, turn, head, sink, feet }: Pose): number {
  const far = SIDES.map((side) => {
    const [out, forward, up] = hands[side].at;
    return Math.hypot(out - 0.1, forward - 0.06, up + 0.97);
  });
  const lifted = SIDES.some((side) => feet[side].contact === 'off') ? 1 : 0;
  const bent = Math.abs(spine.hinge) + Math.abs(spine.round) + Math.abs(spine.bend) * 1.5;
  const turned = Math.abs(turn) + Math.abs(head.turn);
  return (
    Math.max(...far) +
    0.4 * Math.min(...far) +
    lifted +
    Math.abs(load.left - load.right) / 400 +
    bent / 40 +
    turned / 60 +
    sink / 60
  );
}

/** The moment of a cycle furthest from standing at ease, the first of equals. Circles are shown half way round. */
export const tellingMoment = rememberBy(
  (movement: Movement, side: Side | null): TellingMoment => {
    const moments = cycleStrip(movement, side).map(({ stride }): TellingMoment => {
      const circles = stride.phase.overlays.some(({ kind }) => kind !== 'vibration');
      const pose = circles ? samplePose(stride, 0.5, 4, FULL_SIZE) : stride.to;
      return { pose, posture: stride.posture };
    });
    return moments.reduce((one, other) => (told(other.pose) > told(one.pose) + 1e-9 ? other : one));
  },
  (side) => side,
);
