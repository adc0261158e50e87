import type { Stride } from '../movement/stride';
import { type Track, trackOf } from '../movement/track';
import type { BreathRatio } from './phaseSeconds';
import { phaseSeconds } from './phaseSeconds';

/** The pace at which movements are judged and compared in the repertoire, breaths per minute. */
export const COMPARING_PACE = 6;

/** Strides with how long each lasts at a constant pace, seconds. */
export function timedAtPace(
  strides: readonly Stride[],
  perMinute: number = COMPARING_PACE,
  ratio: BreathRatio = { in: 1, out: 1 },
): { stride: Stride; seconds: number }[] {
  const pace = { from: perMinute, to: perMinute, easing: 0 };
  return strides.map((stride) => ({ stride, seconds: phaseSeconds(stride.phase, ratio, pace, 0) }));
}

/** Strides laid in time at a constant pace. */
export const trackAtPace = (strides: readonly Stride[], perMinute?: number): Track =>
  trackOf(timedAtPace(strides, perMinute));
