import { isSeated } from './load';
import type { Posture } from './posture';
import { STANCES } from './stance';

/** Where the weight is and on what, in words: "bow stance, left front foot: left 70 percent, right 30 percent". */
export function postureWords({ stance, side, load }: Pick<Posture, 'stance' | 'side' | 'load'>): string {
  const { label, sideNames } = STANCES[stance];
  const which = sideNames && side ? `, ${side} ${sideNames}` : '';
  const seat = isSeated(load) ? `, seat ${load.seat} percent` : '';
  return `${label}${which}: left ${load.left} percent, right ${load.right} percent${seat}`;
}
