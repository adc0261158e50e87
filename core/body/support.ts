import { polygonHull } from 'd3-polygon';
import { type BodySize, USUAL_BODY } from './bodySize';
import { contactPatch, type Point } from './foot';
import type { Pose } from './pose';
import { SIDES } from './side';
import { bearsWeight } from './site';
import type { Skeleton } from './skeleton';

/** A foot that bears less than this is not stood on, percent. */
const LEAST_LOAD = 2;
/** The seat of a chair, metres across and deep. */
export const SEAT_WIDTH = 0.4;

export interface Support {
  /** The corners of what the body stands on, metres; empty where it touches nothing. */
  readonly hull: readonly Point[];
  /** How far the centre of pressure lies inside the hull's nearest edge, metres. It grades how hard balance is. */
  readonly margin: number;
}

/** The distance of a point inside a polygon from its nearest edge; negative outside. */
function insideBy(hull: readonly Point[], [x, y]: Point): number {
  let turn = 0;
  let [leftmost, rightmost] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  let from = hull.at(-1) as Point;
  for (const to of hull) {
    turn += from[0] * to[1] - to[0] * from[1];
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
    const aside = (dx * (y - from[1]) - dy * (x - from[0])) / (Math.sqrt(dx * dx + dy * dy) || 1);
    leftmost = Math.min(leftmost, aside);
    rightmost = Math.max(rightmost, aside);
    from = to;
  }
  return turn > 0 ? leftmost : -rightmost;
}

/**
 * What a pose stands on: the hull of all patches that bear at least 2 %, with a seat, and a hand on a chair or the wall.
 * At 1.68 m a parallel stance has 128 mm of margin, one leg 46.
 */
export function supportOf(pose: Pose, body: Skeleton, size: BodySize = USUAL_BODY): Support {
  const points: [number, number][] = [];
  for (const side of SIDES) {
    if (pose.load[side] >= LEAST_LOAD) for (const [x, y] of contactPatch(pose.feet[side], size)) points.push([x, y]);
    if (bearsWeight(pose.hands[side].rests)) points.push([body.arms[side].wrist[0], body.arms[side].wrist[1]]);
  }
  if (pose.seat) {
    const half = SEAT_WIDTH / 2;
    for (const [dx, dy] of [
      [-half, -half],
      [half, -half],
      [half, half],
      [-half, half],
    ] as const)
      points.push([pose.seat.x + dx, pose.seat.y + dy]);
  }
  const hull = polygonHull(points) ?? [];
  return { hull, margin: hull.length < 3 ? 0 : insideBy(hull, body.centreOfPressure) };
}
