import { SIDES } from '../../../../body/written/side';
import { bearsWeight } from '../../../../body/written/site';
import { inPosture } from './inPosture';

/** A hand is raised from here on, in lengths of the arm above the shoulder. */
const RAISED = -0.2;

/** Both heels raised with nothing to hold on to, in a group that is to be led gently. */
export const heelsFree = inPosture({
  code: 'heels-free',
  weighs: ({ pose }, strength) => {
    const isRaised = SIDES.every((side) => pose.feet[side].contact === 'ball');
    const isHeld = SIDES.some((side) => bearsWeight(pose.hands[side].rests));
    if (strength !== 'gentle' || !isRaised || isHeld || pose.seat) return null;
    // Raised arms carry the weight up and away from what steadies.
    const isUp = SIDES.some((side) => pose.hands[side].rests === null && pose.hands[side].at[2] > RAISED);
    return { severity: isUp ? 'warn' : 'notice', amount: 2 };
  },
  words: (name) => `${name} raises both heels with nothing to hold on to`,
  why: ['Have a chair or a wall within reach, to hold on to.'],
});
