import type { Pose } from '../../body/standing/pose';
import { standIn } from '../../body/standing/stand';
import type { Posture } from '../../body/written/posture';
import { rampedMovement } from '../../movement/adapt/rampedMovement';
import { samplePose } from '../../movement/sample/samplePose';
import type { Movement } from '../../movement/schema/movement';
import { startFor } from '../../movement/walk/cycleFor';
import type { WrittenStride } from '../../movement/walk/stride';
import { walkMovement } from '../../movement/walk/walkMovement';
import type { Segment } from '../../session/timeline/segment';

type Led = Pick<Segment, 'part' | 'phase' | 'side' | 'direction' | 'repetition' | 'of'>;

const growing = (usual: Movement, { repetition, of }: Led): Movement => rampedMovement(usual, repetition ?? 1, of ?? 1);

/** The stride a segment leads through, as the class does it; null where nothing is moved. */
function strideIn({ part, phase, side, direction }: Led, movement: Movement): WrittenStride | null {
  if (part === null || phase === null) return null;
  return (
    walkMovement(movement, { side, direction }).find((one) => one.part === part && one.phase === phase)?.stride ?? null
  );
}

/** Where a segment leads to: the posture in which it ends, as the class does it; where nothing is moved, the one it begins from. */
export function ledTo(segment: Led, usual: Movement): { readonly pose: Pose; readonly posture: Posture } {
  const movement = growing(usual, segment);
  const stride = strideIn(segment, movement);
  if (stride) return { pose: stride.to, posture: stride.posture };
  const posture = startFor(movement, segment.side);
  return { pose: standIn(posture), posture };
}

/**
 * The pose at a moment of a segment, as the class does it.
 * @param progress how far through it, 0 to 1
 * @param seconds the segment lasts
 */
export function poseIn(segment: Led, usual: Movement, progress: number, seconds: number): Pose {
  const stride = strideIn(segment, growing(usual, segment));
  return stride ? samplePose(stride, progress, seconds) : ledTo(segment, usual).pose;
}
