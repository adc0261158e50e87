import { longRun } from './longRun';

/** Both arms held up before the body for minutes on end, as in a post. */
export const armsRound = longRun(
  'arms-round-long',
  'arms-round',
  (seconds) => `Both arms are held up for ${seconds} s`,
  'Shoulders and neck tire before the legs do: lower the hands for a while, or say beforehand that everyone may.',
  // Arms that tire are put down: that is no stop.
  { severity: ['warn', 'notice'] },
);
