import { type BodySize, legLength, USUAL_BODY } from '../../body/standing/bodySize';
import { FOOTWORK_LIMITS as LIMITS } from './footworkLimits';

export interface StepManner {
  /** The pelvis turning into the step, degrees. */
  readonly pelvisTurn: number;
  readonly heelFirst: boolean;
}

/**
 * How far an empty foot can be put down from under its own hip while the other leg stays bent by `bend` degrees, metres.
 * The stepping leg may be all but straight (5 degrees); the pelvis follows a tenth of the way. 20 degrees give 0.16 m before
 * what turning the pelvis, the foot and the heel add, 40 give 0.31, 60 give 0.46.
 */
export function stepReach(bend: number, { pelvisTurn, heelFirst }: StepManner, size: BodySize = USUAL_BODY): number {
  const [straight, bent] = [legLength(size, 5), legLength(size, Math.max(5, bend))];
  const spanned = Math.sqrt(Math.max(0, straight * straight - bent * bent) / LIMITS.spanned);
  const turn = Math.min(LIMITS.pelvisTurnMost, Math.abs(pelvisTurn));
  const turned = LIMITS.pelvisTurn * size.height * Math.sin((turn * Math.PI) / 180);
  return spanned + turned + LIMITS.footReach + (heelFirst ? LIMITS.heelFirst : 0);
}

/** The least bend in whole degrees at which a step of this length is within reach; null where none is. */
export function bendForStep(step: number, manner: StepManner, size: BodySize = USUAL_BODY): number | null {
  for (let bend = 0; bend <= 110; bend += 1) if (stepReach(bend, manner, size) >= step) return bend;
  return null;
}
