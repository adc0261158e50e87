import { skeletonOf } from '../../../../body/figure/skeleton';
import { supportOf } from '../../../../body/figure/support';
import type { Pose } from '../../../../body/standing/pose';
import { SIDES } from '../../../../body/written/side';
import { bearsWeight } from '../../../../body/written/site';
import { THRESHOLDS } from '../../../limits/thresholds';
import { inPosture } from './inPosture';

const isHeld = ({ hands }: Pose): boolean => SIDES.some((side) => bearsWeight(hands[side].rests));
const isOnOneLeg = ({ feet }: Pose): boolean => SIDES.some((side) => feet[side].contact === 'off');

/** Eyes closed where there is little to stand on, with nothing within the hand. */
export const eyesClosed = inPosture({
  code: 'eyes-closed',
  weighs: ({ pose }, strength) => {
    if (pose.eyes !== 'closed' || pose.seat || isHeld(pose)) return null;
    const { margin } = supportOf(pose, skeletonOf(pose));
    const amount = Math.round(margin * 1000);
    if (isOnOneLeg(pose)) return { severity: strength === 'gentle' ? 'stop' : 'warn', amount };
    if (margin >= THRESHOLDS.blindMargin) return null;
    return { severity: strength === 'gentle' ? 'warn' : 'notice', amount };
  },
  words: (name) => `${name} is done with the eyes closed where there is little to stand on`,
  why: ['Eyes open, or a wall or chair within reach. On one leg only for those who have stood so for long.'],
});
