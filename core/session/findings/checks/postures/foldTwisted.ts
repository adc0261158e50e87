import { SIDES } from '../../../../body/written/side';
import { holdsBelow } from '../../../../body/written/site';
import { THRESHOLDS } from '../../../limits/thresholds';
import { inPosture } from './inPosture';

/** Bent far forward and turned at once with nothing to lean on: the low back carries and twists. */
export const foldTwisted = inPosture({
  code: 'fold-twisted',
  weighs: ({ pose }, strength) => {
    const { spine, turn, hands, seat } = pose;
    const leans = SIDES.some((side) => holdsBelow(hands[side].rests));
    const folded = spine.hinge + spine.round;
    if (seat || leans || folded <= THRESHOLDS.folded || Math.abs(turn) <= THRESHOLDS.foldedTurn) return null;
    return { severity: strength === 'strong' ? 'notice' : 'warn', amount: Math.abs(turn) };
  },
  words: (name, amount) => `${name} turns ${amount}° in a deep bend with nothing to lean on`,
  why: [
    `Bent by more than ${THRESHOLDS.folded}° a turn of ${THRESHOLDS.foldedTurn}° is let pass.`,
    'Low back and osteoporosis: no forced twist under load. Turn first and bend less, or rest the hands on the thighs.',
  ],
});
