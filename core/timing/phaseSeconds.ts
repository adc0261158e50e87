import type { Phase } from '../movement/schema/phase';
import { breathSeconds, type Pace } from './pace';

/** How a breath is shared: in-part to out-part, such as 1:1 or 2:3. */
export interface BreathRatio {
  readonly in: number;
  readonly out: number;
}

/**
 * How many breaths a phase takes, or null where it goes by beats or seconds.
 * An out-phase of span 1 at in:out 2:3 is 0.6 of a breath.
 */
export function phaseBreaths(phase: Phase, ratio: BreathRatio): number | null {
  const { length } = phase;
  switch (length.kind) {
    case 'span': {
      const half = phase.breath === 'in' ? ratio.in : ratio.out;
      return (length.share * half) / (ratio.in + ratio.out);
    }
    case 'breaths':
      return length.breaths;
    case 'beats':
    case 'seconds':
      return null;
  }
}

/** How long a phase lasts when it begins `t` seconds into its section, in seconds. */
export function phaseSeconds(phase: Phase, ratio: BreathRatio, pace: Pace, t: number): number {
  const breaths = phaseBreaths(phase, ratio);
  if (breaths !== null) return breathSeconds(pace, t, breaths);
  if (phase.length.kind === 'beats') return (phase.length.beats * 60) / phase.length.tempo;
  return phase.length.kind === 'seconds' ? phase.length.seconds : 0;
}
