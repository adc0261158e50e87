import type { Side } from '../body/side';
import type { Movement } from './movement';
import { type PartStride, walkMovement } from './walkMovement';

/** The first cycle of a movement, phase by phase, on one side. The last posture of the strip leads into the first. */
export const cycleStrip = (movement: Movement, side: Side | null): PartStride[] =>
  walkMovement(movement, { side }).filter(({ part }) => part === 'cycle');
