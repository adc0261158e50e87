import { inWords } from '../../app/words';

/** Differences smaller than this are none, milliseconds. */
const SAME = 1500;

/** How much longer or shorter than planned, in words. */
export const differenceWords = (ms: number): string =>
  Math.abs(ms) < SAME ? 'as planned' : `${inWords(ms)} ${ms > 0 ? 'longer' : 'shorter'}`;
