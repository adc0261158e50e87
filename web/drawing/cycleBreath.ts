import type { Movement } from '../../core/movement/schema/movement';
import { phasesFor, writtenSide } from '../../core/movement/walk/cycleFor';
import { phaseBreaths, phaseSeconds } from '../../core/timing/phaseSeconds';
import type { BreathStretch } from './BreathLine';

/** The pace at which movements are compared in the repertoire, breaths per minute. */
export const COMPARING_PACE = 6;

/** One cycle of a movement as a breath line at the comparing pace, in and out alike. */
export function cycleBreath(movement: Movement): BreathStretch[] {
  const ratio = { in: 1, out: 1 };
  const pace = { from: COMPARING_PACE, to: COMPARING_PACE, easing: 0 };
  return phasesFor(movement, 'cycle', writtenSide(movement)).map((phase) => ({
    breath: phase.breath,
    manner: phase.manner,
    breaths: phaseBreaths(phase, ratio),
    seconds: phaseSeconds(phase, ratio, pace, 0),
  }));
}
