import { radians, scale, type Vec } from './vector';

/** Three directions of length 1, square on each other: a way of standing in the room. */
export interface Frame {
  readonly right: Vec;
  readonly forward: Vec;
  readonly up: Vec;
}

/** Upright and turned by a heading, degrees clockwise seen from above. */
export function turned(heading: number): Frame {
  const sin = Math.sin(radians(heading));
  const cos = Math.cos(radians(heading));
  return { right: [cos, -sin, 0], forward: [sin, cos, 0], up: [0, 0, 1] };
}

const mix = (a: Vec, byA: number, b: Vec, byB: number): Vec => [
  a[0] * byA + b[0] * byB,
  a[1] * byA + b[1] * byB,
  a[2] * byA + b[2] * byB,
];

/** A frame bowed forward by `pitch` and then leant to the right by `roll`, in degrees. */
export function leant(frame: Frame, pitch: number, roll: number): Frame {
  if (pitch === 0 && roll === 0) return frame;
  const { right, forward, up } = frame;
  const sp = Math.sin(radians(pitch));
  const cp = Math.cos(radians(pitch));
  const sr = Math.sin(radians(roll));
  const cr = Math.cos(radians(roll));
  const bowedUp = mix(up, cp, forward, sp);
  return {
    forward: mix(forward, cp, up, -sp),
    up: mix(bowedUp, cr, right, sr),
    right: mix(right, cr, bowedUp, -sr),
  };
}

/** A point given in a frame, as a direction in the room. */
export const toRoom = ({ right, forward, up }: Frame, v: Vec): Vec => [
  right[0] * v[0] + forward[0] * v[1] + up[0] * v[2],
  right[1] * v[0] + forward[1] * v[1] + up[1] * v[2],
  right[2] * v[0] + forward[2] * v[1] + up[2] * v[2],
];

/** A direction in the room, as seen from a frame. */
export const fromRoom = ({ right, forward, up }: Frame, v: Vec): Vec => [
  v[0] * right[0] + v[1] * right[1] + v[2] * right[2],
  v[0] * forward[0] + v[1] * forward[1] + v[2] * forward[2],
  v[0] * up[0] + v[1] * up[1] + v[2] * up[2],
];

/** The direction that points away from the middle on a side of the body. */
export const outwardOf = ({ right }: Frame, side: 'left' | 'right'): Vec =>
  side === 'right' ? right : scale(right, -1);
