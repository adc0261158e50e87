import { changePosture } from '../body/changePosture';
import type { Posture } from '../body/posture';
import type { Side } from '../body/side';
import { phasesFor, startFor } from './cycleFor';
import type { Movement } from './movement';
import type { Phase } from './phase';

/** A phase with the posture it starts from and the one it ends in. */
export interface StripStep {
  readonly phase: Phase;
  readonly from: Posture;
  readonly end: Posture;
}

/** The cycle of a movement as a strip of postures, on one side. The last posture of the strip leads into the first. */
export function cycleStrip(movement: Movement, side: Side | null): StripStep[] {
  let posture = startFor(movement, side);
  return phasesFor(movement, 'cycle', side).map((phase) => {
    const from = posture;
    posture = changePosture(from, phase.to);
    return { phase, from, end: posture };
  });
}
