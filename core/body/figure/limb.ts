import { along, dot, length, scale, squareOn, subtract, unit, type Vec } from '../geometry/vector';

export interface Limb {
  readonly middle: Vec;
  readonly end: Vec;
  /** The end could not be where it was wanted: the limb would have to be longer, in metres, or to fold further. */
  readonly short: number;
}

/** Too short to have a direction, metres. */
const NOWHERE = 1e-12;

/**
 * A limb of two bones from a root towards a target, its joint bent towards `pole`. Both bones keep their lengths; a target
 * out of reach is approached as far as they go.
 * @param first and `second` lengths in metres
 * @param forward where the joint is bent towards if the pole lies on the line from root to target
 */
export function limb(root: Vec, target: Vec, first: number, second: number, pole: Vec, forward: Vec): Limb {
  // Written out number by number: bodies are stood by the thousand, and most of the work is done here.
  const wx = target[0] - root[0];
  const wy = target[1] - root[1];
  const wz = target[2] - root[2];
  const far = Math.sqrt(wx * wx + wy * wy + wz * wz);
  const straightDown = far < NOWHERE;
  const lx = straightDown ? 0 : wx / far;
  const ly = straightDown ? 0 : wy / far;
  const lz = straightDown ? -1 : wz / far;
  const reach = Math.min(first + second, Math.max(Math.abs(first - second), far));
  const foot = reach === 0 ? 0 : (first * first - second * second + reach * reach) / (2 * reach);
  const height = Math.sqrt(Math.max(0, first * first - foot * foot));
  const bent = bentAside([lx, ly, lz], pole, forward);
  const middle: Vec = [
    root[0] + lx * foot + bent[0] * height,
    root[1] + ly * foot + bent[1] * height,
    root[2] + lz * foot + bent[2] * height,
  ];
  // The second bone is laid from the joint, so that its length is kept even where the target is not met.
  const ex = root[0] + lx * reach - middle[0];
  const ey = root[1] + ly * reach - middle[1];
  const ez = root[2] + lz * reach - middle[2];
  const left = Math.sqrt(ex * ex + ey * ey + ez * ez);
  const end: Vec =
    left < NOWHERE
      ? [middle[0] + lx * second, middle[1] + ly * second, middle[2] + lz * second]
      : [middle[0] + (ex / left) * second, middle[1] + (ey / left) * second, middle[2] + (ez / left) * second];
  return { middle, end, short: far - reach };
}

/** Where a joint between two ends on a line is bent: towards the pole, or forward where the pole lies on the line. */
function bentAside(line: Vec, pole: Vec, forward: Vec): Vec {
  const by = dot(pole, line);
  const x = pole[0] - line[0] * by;
  const y = pole[1] - line[1] * by;
  const z = pole[2] - line[2] * by;
  const size = Math.sqrt(x * x + y * y + z * z);
  if (size >= NOWHERE) return [x / size, y / size, z / size];
  return squareAny(line, forward);
}

/**
 * A direction turned towards another by an angle in radians, both square on each other after the turn is taken; towards `forward`
 * where the two lie on one line.
 */
export function bentTowards(direction: Vec, towards: Vec, angle: number, forward: Vec): Vec {
  if (angle === 0) return direction;
  const turn = squareOn(towards, direction);
  const size = length(turn);
  const side = size * size < 1e-12 ? squareAny(direction, forward) : scale(turn, 1 / size);
  return along(scale(direction, Math.cos(angle)), side, Math.sin(angle));
}

/**
 * Some direction square on another: forward as the body faces if it can be, else up. Never one of the room's: a body turned in the
 * room must be the same body.
 */
const squareAny = (of: Vec, forward: Vec): Vec => unit(squareOn(forward, of), unit(squareOn([0, 0, 1], of), [0, 0, 1]));

/** The angle between two bones at their joint in degrees; 0 is straight. */
export function bendOf(root: Vec, joint: Vec, end: Vec): number {
  const [a, b] = [subtract(joint, root), subtract(end, joint)];
  const cosine = dot(a, b) / (length(a) * length(b) || 1);
  return (Math.acos(Math.min(1, Math.max(-1, cosine))) * 180) / Math.PI;
}
