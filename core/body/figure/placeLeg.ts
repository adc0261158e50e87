import { type Frame, outwardOf } from '../geometry/frame';
import { along, distance, unit, type Vec } from '../geometry/vector';
import { type BodySize, bendFor } from '../standing/bodySize';
import type { FootPoints } from '../standing/foot';
import type { Side } from '../written/side';
import { limb } from './limb';

export interface PlacedLeg extends FootPoints {
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

/** Where the knee points, as far as the hip does not matter to it: over the toes, or a lifted one where the pelvis faces. */
export function kneePole(side: Side, frame: Frame, foot: FootPoints, load: number, size: BodySize): Vec {
  const free = load === 0 && foot.ankle[2] > size.ankle * 1.5;
  if (!free) return foot.forward;
  const outward = outwardOf(frame, side);
  return unit(along(along(frame.forward, outward, LIFTED_OUT), foot.forward, 0.6), frame.forward);
}

/** One leg from the hip to its foot, the knee over the toes; a lifted knee goes where the pelvis faces. */
export function placeLeg(hip: Vec, foot: FootPoints, pole: Vec, size: BodySize): PlacedLeg {
  const { middle, end, short } = limb(hip, foot.ankle, size.thigh, size.shank, pole, foot.forward);
  return {
    heel: foot.heel,
    ball: foot.ball,
    toe: foot.toe,
    ankle: foot.ankle,
    forward: foot.forward,
    hip,
    knee: middle,
    shankEnd: end,
    bend: bendFor(size, distance(hip, end)),
    short: Math.max(0, short),
  };
}
