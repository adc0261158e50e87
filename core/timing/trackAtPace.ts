import { type Track, trackOf } from '../movement/sample/track';
import type { Phase } from '../movement/schema/phase';
import type { Stride } from '../movement/walk/stride';
import { type BreathRatio, phaseSeconds } from './phaseSeconds';

/** The pace at which movements are judged and compared in the repertoire, breaths per minute. */
export const COMPARING_PACE = 6;

/** How long a phase lasts at a constant pace, seconds. */
export function secondsAtPace(
  phase: Phase,
  perMinute: number = COMPARING_PACE,
  ratio: BreathRatio = { in: 1, out: 1 },
): number {
  return phaseSeconds(phase, ratio, { from: perMinute, to: perMinute, easing: 0 }, 0);
}

/** Strides with how long each lasts at a constant pace, seconds. */
export const timedAtPace = (strides: readonly Stride[], perMinute?: number): { stride: Stride; seconds: number }[] =>
  strides.map((stride) => ({ stride, seconds: secondsAtPace(stride.phase, perMinute) }));

/** Strides laid in time at a constant pace. */
export const trackAtPace = (strides: readonly Stride[], perMinute?: number): Track =>
  trackOf(timedAtPace(strides, perMinute));
