import { leant, toRoom, turned } from '../geometry/frame';
import { along, type Vec } from '../geometry/vector';
import type { FootPlace } from '../written/stance';
import { type BodySize, USUAL_BODY } from './bodySize';

/** The ankle stands above a point this share of the foot's length behind its middle. Convention. */
const ANKLE_BEHIND = 0.22;
/** The part of the foot, from its middle in shares of its length, it turns up or down about when it touches with less. */
const PIVOT = { sole: 0, edge: 0, off: -ANKLE_BEHIND, heel: -0.45, ball: 0.22 } as const;
/** The stretch of the sole that touches, from its middle in shares of its length: the ball is the front 30 %, the heel the rear 25 %. */
const PATCH = { sole: [-0.5, 0.5], edge: [-0.5, 0.5], ball: [0.2, 0.5], heel: [-0.5, -0.25], off: [0, 0] } as const;

export interface FootPoints {
  readonly heel: Vec;
  readonly ball: Vec;
  readonly toe: Vec;
  readonly ankle: Vec;
  /** The way the toes point, level. */
  readonly forward: Vec;
}

interface Standing {
  readonly foot: FootPlace;
  readonly points: FootPoints;
}

/** The two feet that were looked at last: poses that follow each other mostly stand on the same. */
let last: readonly [Standing | null, Standing | null] = [null, null];

/** The points of a foot in the room. A foot of the usual body that stays where it is is not reckoned again. */
export function footPoints(foot: FootPlace, size: BodySize): FootPoints {
  if (size !== USUAL_BODY) return pointsOf(foot, size);
  const [before, other] = last;
  if (before?.foot === foot) return before.points;
  if (other?.foot === foot) return other.points;
  const points = pointsOf(foot, size);
  last = [other, { foot, points }];
  return points;
}

function pointsOf(foot: FootPlace, size: BodySize): FootPoints {
  const level = turned(foot.angle);
  const sole = leant(level, -foot.pitch, 0);
  const pivotAt = PIVOT[foot.contact] * size.footLength;
  const pivot = along([foot.x, foot.y, foot.height], level.forward, pivotAt);
  const point = (forward: number, up: number): Vec => {
    const [x, y, z] = toRoom(sole, [0, forward * size.footLength - pivotAt, up]);
    return [pivot[0] + x, pivot[1] + y, pivot[2] + z];
  };
  return {
    heel: point(-0.5, 0),
    ball: point(0.22, 0),
    toe: point(0.5, 0),
    ankle: point(-ANKLE_BEHIND, size.ankle),
    forward: level.forward,
  };
}

export type Point = readonly [x: number, y: number];

/** The four corners of what touches the floor, in metres; nothing for a foot that is off it. */
export function contactPatch(foot: FootPlace, size: BodySize): Point[] {
  if (foot.contact === 'off') return [];
  const { forward, right } = turned(foot.angle);
  const [back, front] = PATCH[foot.contact];
  const corner = (across: number, ahead: number): Point => [
    foot.x + right[0] * across * size.footBreadth + forward[0] * ahead * size.footLength,
    foot.y + right[1] * across * size.footBreadth + forward[1] * ahead * size.footLength,
  ];
  return [corner(-0.5, back), corner(0.5, back), corner(0.5, front), corner(-0.5, front)];
}

/**
 * Where a foot's share of the weight acts: the middle of its patch, moved towards heel or ball by `rock` as far as seven
 * tenths of the way to the patch's edge.
 */
export function pressurePoint(foot: FootPlace, rock: number, size: BodySize): Point {
  const { forward } = turned(foot.angle);
  const [back, front] = PATCH[foot.contact];
  const ahead = ((back + front) / 2 + (rock * 0.7 * (front - back)) / 2) * size.footLength;
  return [foot.x + forward[0] * ahead, foot.y + forward[1] * ahead];
}
