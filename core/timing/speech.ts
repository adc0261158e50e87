import { NAMING_PAUSE, SHOWING_MOST, SHOWING_PAUSE, WORDS_PER_SECOND } from './timingConstants';

/** How long it takes to say something, in seconds. `speechSeconds('Cloud Hands')` is 0.8. */
export const speechSeconds = (text: string): number => {
  const words = text.split(/\s+/).filter(Boolean).length;
  return words / WORDS_PER_SECOND;
};

/** Naming a movement before it begins: the words and a pause, in seconds. */
export const namingSeconds = (name: string): number => speechSeconds(name) + NAMING_PAUSE;

/**
 * Showing one cycle while saying its calls, then looking round: the longer of moving and speaking, plus a pause. A long hold is shown
 * for its first moments only.
 * @param cycleLength one cycle at a natural pace, in seconds
 */
export const showingSeconds = (cycleLength: number, calls: readonly string[]): number =>
  Math.max(Math.min(cycleLength, SHOWING_MOST), speechSeconds(calls.join(' '))) + SHOWING_PAUSE;
