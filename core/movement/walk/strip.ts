import type { Side } from '../../body/written/side';
import type { Movement } from '../schema/movement';
import { type PartStride, walkMovement } from './walkMovement';

/** The first cycle of a movement, phase by phase, on one side. The last posture of the strip leads into the first. */
export const cycleStrip = (movement: Movement, side: Side | null): PartStride[] =>
  walkMovement(movement, { side }).filter(({ part }) => part === 'cycle');
