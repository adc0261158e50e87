import { type BodySize, bendFor } from './bodySize';
import type { FootPoints } from './foot';
import { type Frame, outwardOf } from './frame';
import { limb } from './limb';
import type { Side } from './side';
import { along, distance, unit, type Vec } from './vector';

export interface LaidLeg extends FootPoints {
  readonly hip: Vec;
  readonly knee: Vec;
  /** Where the shank ends; the foot's own ankle unless the leg is too short for it. */
  readonly shankEnd: Vec;
  /** The knee's bend in degrees. */
  readonly bend: number;
  /** How much longer the leg would have to be, metres; 0 where it reaches. */
  readonly short: number;
}

/** How far out a lifted knee is carried compared with forward. Convention. */
const LIFTED_OUT = 0.18;

/** One leg from the hip to its foot, the knee over the toes; a lifted knee goes where the pelvis faces. */
export function layLeg(side: Side, pelvis: Vec, frame: Frame, foot: FootPoints, load: number, size: BodySize): LaidLeg {
  const outward = outwardOf(frame, side);
  const hip = along(pelvis, outward, size.hipJoints / 2);
  const free = load === 0 && foot.ankle[2] > size.ankle * 1.5;
  const pole = free
    ? unit(along(along(frame.forward, outward, LIFTED_OUT), foot.forward, 0.6), frame.forward)
    : foot.forward;
  const { middle, end, short } = limb(hip, foot.ankle, size.thigh, size.shank, pole);
  return {
    ...foot,
    hip,
    knee: middle,
    shankEnd: end,
    bend: bendFor(size, distance(hip, end)),
    short: Math.max(0, short),
  };
}
