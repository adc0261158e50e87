import { along, dot, length, scale, squareOn, subtract, unit, type Vec } from './vector';

export interface Limb {
  readonly middle: Vec;
  readonly end: Vec;
  /** The end could not be where it was wanted: the limb would have to be longer, in metres, or to fold further. */
  readonly short: number;
}

/**
 * A limb of two bones from a root towards a target, its joint bent towards `pole`. Both bones keep their lengths; a target
 * out of reach is approached as far as they go.
 * @param first and `second` lengths in metres
 */
export function limb(root: Vec, target: Vec, first: number, second: number, pole: Vec): Limb {
  const wanted = subtract(target, root);
  const far = length(wanted);
  const line: Vec = far < 1e-12 ? [0, 0, -1] : scale(wanted, 1 / far);
  const reach = Math.min(first + second, Math.max(Math.abs(first - second), far));
  const foot = reach === 0 ? 0 : (first * first - second * second + reach * reach) / (2 * reach);
  const height = Math.sqrt(Math.max(0, first * first - foot * foot));
  const bend = direction(squareOn(pole, line)) ?? direction(squareOn([0, 1, 0], line)) ?? [1, 0, 0];
  const middle = along(along(root, line, foot), bend, height);
  // The second bone is laid from the joint, so that its length is kept even where the target is not met.
  const toEnd = direction(subtract(along(root, line, reach), middle)) ?? line;
  return { middle, end: along(middle, toEnd, second), short: far - reach };
}

/** The direction of a vector with length 1; null where it has none. */
function direction(of: Vec): Vec | null {
  const size = length(of);
  return size < 1e-12 ? null : scale(of, 1 / size);
}

/** A direction turned towards another by an angle in radians, both square on each other after the turn is taken. */
export function bentTowards(direction: Vec, towards: Vec, angle: number): Vec {
  const otherwise = unit(squareOn([0, 1, 0], direction), unit(squareOn([1, 0, 0], direction), [0, 0, 1]));
  const turn = squareOn(towards, direction);
  const side = dot(turn, turn) < 1e-12 ? otherwise : unit(turn, otherwise);
  return along(scale(direction, Math.cos(angle)), side, Math.sin(angle));
}

/** The angle between two bones at their joint in degrees; 0 is straight. */
export function bendOf(root: Vec, joint: Vec, end: Vec): number {
  const [a, b] = [subtract(joint, root), subtract(end, joint)];
  const cosine = dot(a, b) / (length(a) * length(b) || 1);
  return (Math.acos(Math.min(1, Math.max(-1, cosine))) * 180) / Math.PI;
}
