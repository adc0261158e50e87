import { polygonHull } from 'd3-polygon';
import { type BodySize, USUAL_BODY } from '../standing/bodySize';
import { contactPatch, type Point } from '../standing/foot';
import type { Pose } from '../standing/pose';
import { pressureOf } from '../standing/pressure';
import { SIDES, type Side } from '../written/side';
import { bearsWeight } from '../written/site';
import type { FootPlace } from '../written/stance';
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
function insideBy(hull: readonly Point[], of: Point): number {
  let turn = 0;
  let leftmost = Number.POSITIVE_INFINITY;
  let rightmost = Number.NEGATIVE_INFINITY;
  let from = hull.at(-1) as Point;
  for (const to of hull) {
    turn += from[0] * to[1] - to[0] * from[1];
    const dx = to[0] - from[0];
    const dy = to[1] - from[1];
    const aside = (dx * (of[1] - from[1]) - dy * (of[0] - from[0])) / (Math.sqrt(dx * dx + dy * dy) || 1);
    leftmost = Math.min(leftmost, aside);
    rightmost = Math.max(rightmost, aside);
    from = to;
  }
  return turn > 0 ? leftmost : -rightmost;
}

/** The feet that were looked at last, and the hull under them: poses that follow each other mostly stand on the same. */
let last: { readonly one: FootPlace; readonly other: FootPlace; readonly hull: readonly Point[] } | null = null;

/** The hull under one foot or two, of the usual body; feet that stay where they are are looked at once. */
function hullUnder([one, other = one]: readonly FootPlace[]): readonly Point[] {
  if (!one || !other) return [];
  if (last?.one === one && last.other === other) return last.hull;
  const feet = one === other ? [one] : [one, other];
  const hull = hullOf(feet.flatMap((foot) => contactPatch(foot, USUAL_BODY)));
  last = { one, other, hull };
  return hull;
}

const hullOf = (points: readonly Point[]): readonly Point[] => polygonHull(points.map(([x, y]) => [x, y])) ?? [];

/** A pose whose feet in the air bear nothing. */
const standingOf = (pose: Pose): Pose => {
  const bears = (side: Side) => (pose.feet[side].contact === 'off' ? 0 : pose.load[side]);
  return { ...pose, load: { left: bears('left'), right: bears('right'), seat: pose.load.seat } };
};

/** The corners of a seat. */
function seatCorners({ x, y }: NonNullable<Pose['seat']>): Point[] {
  const half = SEAT_WIDTH / 2;
  return [
    [x - half, y - half],
    [x + half, y - half],
    [x + half, y + half],
    [x - half, y + half],
  ];
}

/**
 * What a pose stands on: the hull of all patches that bear at least 2 %, with a seat, and a hand on a chair or the wall.
 * At 1.68 m a parallel stance has 128 mm of margin, one leg 46.
 */
export function supportOf(pose: Pose, body: Skeleton, size: BodySize = USUAL_BODY): Support {
  // A foot in the air bears nothing, whatever is still said to be on it.
  const feet = SIDES.filter((side) => pose.load[side] >= LEAST_LOAD && pose.feet[side].contact !== 'off').map(
    (side) => pose.feet[side],
  );
  const hands = SIDES.filter((side) => bearsWeight(pose.hands[side].rests)).map((side): Point => {
    const [x, y] = body.arms[side].wrist;
    return [x, y];
  });
  const seat = pose.seat ? seatCorners(pose.seat) : [];
  const plain = size === USUAL_BODY && hands.length === 0 && seat.length === 0;
  const hull = plain
    ? hullUnder(feet)
    : hullOf([...feet.flatMap((foot) => contactPatch(foot, size)), ...hands, ...seat]);
  // Nor does the pressure run out towards it: what is balanced on is what stands.
  const lifted = SIDES.some((side) => pose.load[side] > 0 && pose.feet[side].contact === 'off');
  const centre = lifted ? (pressureOf(standingOf(pose), size) ?? body.centreOfPressure) : body.centreOfPressure;
  return { hull, margin: hull.length < 3 ? 0 : insideBy(hull, centre) };
}
