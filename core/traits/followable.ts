import { ARM_SHAPES } from '../body/written/armShape';
import type { PostureChange } from '../body/written/posture';
import type { Movement } from '../movement/schema/movement';
import { rememberFor } from '../remember/rememberFor';

/** No turn beyond this is followed at once, degrees; and no hand that crosses the middle by so much of an arm. */
const TURN = 45;
const CROSSES = -0.25;
/** A cycle of more phases has to be shown first. */
const PHASES = 2;

/** Whether both hands do the same, neither across the middle. */
function handsAlike({ arms, armSide, hands }: PostureChange): boolean {
  if (armSide !== undefined && armSide !== null) return false;
  if (hands && JSON.stringify(hands.left ?? null) !== JSON.stringify(hands.right ?? null)) return false;
  if (arms === undefined) return true;
  const { lead, other } = ARM_SHAPES[arms];
  return JSON.stringify(lead) === JSON.stringify(other) && lead.at[0] > CROSSES;
}

const feetStay = ({ stance, side, feet, heading }: PostureChange): boolean =>
  stance === undefined && side === undefined && heading === undefined && (feet === undefined || isHeel(feet));

/** Heels or toes that rise where they stand are no steps. */
const isHeel = (feet: NonNullable<PostureChange['feet']>): boolean =>
  [feet.left, feet.right].every(
    (foot) => !foot || Object.keys(foot).every((key) => key === 'contact' || key === 'pitch'),
  );

/**
 * Whether a class follows a movement at once, without having been shown it: one for the first class on, of two phases at most, the arms alike, the feet where they
 * are, a turn of 45 degrees at most, on both legs, nothing across the middle.
 */
export const isFollowedAtOnce = rememberFor(({ level, start, parts: { cycle, entry } }: Movement): boolean => {
  if (level > 1 || cycle.length > PHASES || entry !== undefined || start.stance === 'one-leg') return false;
  return [start, ...cycle.map(({ to }) => to)].every(
    (posture, place) =>
      handsAlike(posture) && (place === 0 || feetStay(posture)) && Math.abs(posture.turn ?? 0) <= TURN,
  );
});
