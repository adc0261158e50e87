import { mirrorChange, mirrorPosture } from '../../body/written/mirror';
import type { Posture } from '../../body/written/posture';
import type { Side } from '../../body/written/side';
import type { Movement } from '../schema/movement';
import { mirrorOverlay } from '../schema/overlay';
import type { PartName } from '../schema/parts';
import type { Pass } from '../schema/pass';
import type { Phase } from '../schema/phase';
import { retraceCycle } from './reverse';

const mirrorPhase = (phase: Phase): Phase => ({
  ...phase,
  to: mirrorChange(phase.to),
  overlays: phase.overlays.map(mirrorOverlay),
});

/** The side a movement is written on; an even movement is written as it is. */
export const writtenSide = (movement: Movement): Side | null => {
  const { sides } = movement.laterality;
  return sides.kind === 'even' ? null : sides.first;
};

const isMirrored = (movement: Movement, side: Side | null): boolean =>
  side !== null && writtenSide(movement) !== null && side !== writtenSide(movement);

/** The posture a movement starts in when it is done on `side`. */
export const startFor = (movement: Movement, side: Side | null): Posture =>
  isMirrored(movement, side) ? mirrorPosture(movement.start) : movement.start;

/**
 * The phases of one part as done on one side and in one direction.
 * @param side the side being done; null for an even movement
 * @param direction of the pass; null where there is only one
 */
export function phasesFor(
  movement: Movement,
  part: PartName,
  side: Side | null,
  direction: Pass['direction'] = null,
): readonly Phase[] {
  const written = movement.parts[part] ?? [];
  const { directions } = movement.laterality;
  const reversed = part === 'cycle' && direction === 'reversed' && directions.kind === 'both';
  const mirroredBySide = isMirrored(movement, side);
  if (!reversed) return mirroredBySide ? written.map(mirrorPhase) : written;
  if (directions.reversal === 'mirrored') return mirroredBySide ? written : written.map(mirrorPhase);
  const back = retraceCycle(written, movement.start, directions.breath);
  return mirroredBySide ? back.map(mirrorPhase) : back;
}
