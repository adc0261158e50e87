import { longRun } from './longRun';

/** Standing on one leg for long in one stretch; a gentle group is told sooner. */
export const oneLeg = longRun(
  'one-leg-long',
  'one-leg',
  (seconds) => `The class stands on one leg for ${seconds} s`,
  'A foot that bears 90 % or more while the other is off the floor. Toes down, or a hand on a chair, eases it.',
);
