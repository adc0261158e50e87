import type { Posture } from '../body/posture';
import type { Side } from '../body/side';
import type { Movement } from './movement';
import { cycleStrip } from './strip';

/** The posture of a cycle that tells most of it in one picture: the one with the most uneven weight, the first of equals. */
export function tellingPosture(movement: Movement, side: Side | null): Posture {
  const strip = cycleStrip(movement, side);
  const uneven = ({ load }: Posture) => Math.abs(load.left - load.right);
  return strip.map(({ end }) => end).reduce((best, posture) => (uneven(posture) > uneven(best) ? posture : best));
}
