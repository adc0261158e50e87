/** A point or direction in metres: x to the right of the room's front, y towards it, z up. */
export type Vec = readonly [x: number, y: number, z: number];

export const ORIGIN: Vec = [0, 0, 0];

/** `add([1, 2, 3], [1, 0, 0])` is `[2, 2, 3]`. */
export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const subtract = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec, by: number): Vec => [a[0] * by, a[1] * by, a[2] * by];
/** `a` moved by `by` times `b`. */
export const along = (a: Vec, b: Vec, by: number): Vec => [a[0] + b[0] * by, a[1] + b[1] * by, a[2] + b[2] * by];
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const length = (a: Vec): number => Math.sqrt(dot(a, a));
export const distance = (a: Vec, b: Vec): number => length(subtract(a, b));

/** The direction of `a` with length 1; `otherwise` where it has no length. */
export function unit(a: Vec, otherwise: Vec): Vec {
  const size = length(a);
  return size < 1e-12 ? otherwise : scale(a, 1 / size);
}

/** What of `a` stands square on the direction `on` (of length 1). */
export const squareOn = (a: Vec, on: Vec): Vec => along(a, on, -dot(a, on));

/** The point a share of the way from `a` to `b`. */
export const between = (a: Vec, b: Vec, share: number): Vec => along(a, subtract(b, a), share);

/** Degrees to radians. */
export const radians = (degrees: number): number => (degrees * Math.PI) / 180;
export const degrees = (angle: number): number => (angle * 180) / Math.PI;

/** The angle between two directions in degrees, 0 to 180. */
export const angleBetween = (a: Vec, b: Vec): number => degrees(Math.atan2(length(cross(a, b)), dot(a, b)));
