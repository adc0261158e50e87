import { longRun } from './longRun';

/** Hands overhead for long in one stretch. */
export const overhead = longRun(
  'overhead-long',
  'overhead',
  (seconds) => `Hands stay overhead for ${seconds} s`,
  'An arm is overhead from 120° of elevation on, or with the hand above the head. A rest, or a variant with lower hands, breaks it.',
);
