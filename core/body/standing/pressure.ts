import { SIDES } from '../written/side';
import type { BodySize } from './bodySize';
import { type Point, pressurePoint } from './foot';
import type { Pose } from './pose';

/**
 * The centre of pressure of a standing pose, metres: each foot's pressure point by its share of the load. Null on a chair,
 * where the pressure under the seat moves to lie under the mass.
 */
export function pressureOf(pose: Pose, size: BodySize): Point | null {
  if (pose.seat) return null;
  let [x, y, borne] = [0, 0, 0];
  for (const side of SIDES) {
    const [px, py] = pressurePoint(pose.feet[side], pose.rock, size);
    const share = pose.load[side];
    x += share * px;
    y += share * py;
    borne += share;
  }
  return borne === 0 ? null : [x / borne, y / borne];
}
