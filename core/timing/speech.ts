import { NAMING_PAUSE, SHOWING_PAUSE, WORDS_PER_SECOND } from './timingConstants';

/** How long it takes to say something, in seconds. `speechSeconds('Cloud Hands')` is 0.8. */
export const speechSeconds = (text: string): number => {
  const words = text.split(/\s+/).filter(Boolean).length;
  return words / WORDS_PER_SECOND;
};

/** Naming a movement before it begins: the words and a pause, in seconds. */
export const namingSeconds = (name: string): number => speechSeconds(name) + NAMING_PAUSE;

/**
 * Showing one cycle while saying its calls, then looking round: the longer of moving and speaking, plus a pause.
 * @param cycleLength one cycle at the pace of the moment, in seconds
 */
export const showingSeconds = (cycleLength: number, calls: readonly string[]): number =>
  Math.max(cycleLength, speechSeconds(calls.join(' '))) + SHOWING_PAUSE;
