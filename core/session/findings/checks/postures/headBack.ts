import type { Overlay } from '../../../../movement/schema/overlay';
import { THRESHOLDS } from '../../../limits/thresholds';
import { inPosture } from './inPosture';

/** How far a head is led round in full circles, degrees; 0 where it is not. */
const circled = (overlay: Overlay): number =>
  overlay.kind === 'loop' && overlay.channel === 'head' && overlay.form === 'circle' && overlay.turns >= 1
    ? Math.max(overlay.radius.from, overlay.radius.to)
    : 0;

/** A head thrown far back, or led round in full circles: both press where the neck is least guarded. */
export const headBack = inPosture({
  code: 'head-back',
  weighs: ({ pose, phase }, strength) => {
    const amount = Math.max(-pose.head.nod, ...phase.overlays.map(circled));
    return amount > THRESHOLDS.headBack ? { severity: strength === 'strong' ? 'notice' : 'warn', amount } : null;
  },
  words: (name, amount) => `${name} takes the head ${amount}° back or round`,
  why: [
    `${THRESHOLDS.headBack}° are let pass. Half circles in front and a look upward with the eyes do the same work.`,
    'Dizziness, or trouble with the neck: keep the chin level.',
  ],
});
