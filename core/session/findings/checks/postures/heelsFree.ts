import { SIDES } from '../../../../body/written/side';
import { bearsWeight } from '../../../../body/written/site';
import { inPosture } from './inPosture';

/** Both heels raised with nothing to hold on to, in a group that is to be led gently. */
export const heelsFree = inPosture({
  code: 'heels-free',
  weighs: ({ pose }, strength) => {
    const isRaised = SIDES.every((side) => pose.feet[side].contact === 'ball');
    const isHeld = SIDES.some((side) => bearsWeight(pose.hands[side].rests));
    return strength === 'gentle' && isRaised && !isHeld && !pose.seat ? { severity: 'notice', amount: 2 } : null;
  },
  words: (name) => `${name} raises both heels with nothing to hold on to`,
  why: ['A chair or a wall within reach; one finger on it is enough.'],
});
