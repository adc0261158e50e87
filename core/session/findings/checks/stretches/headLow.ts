import { longRun } from './longRun';

/** The head below the heart for long. */
export const headLow = longRun(
  'head-low-long',
  'head-low',
  (seconds) => `The head hangs below the heart for ${seconds} s`,
  'Mind dizziness, blood pressure and glaucoma; come up slowly.',
);
