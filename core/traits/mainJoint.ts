import { Region } from '../body/written/region';
import type { Movement } from '../movement/schema/movement';
import { warmingOf } from './warmingOf';

/**
 * The region a movement is done for in a warm-up: what it says itself that it moves, as patting and rubbing do, or else what the figure
 * moves most, the upper one where two are moved alike.
 */
export function mainJoint(movement: Movement): Region {
  const warming = warmingOf(movement);
  const isSaid = Object.keys(movement.mobilises).length > 0;
  const moved = (region: Region) => (isSaid ? (movement.mobilises[region] ?? 0) : warming[region].mobilised);
  return Region.options.reduce((most, one) => (moved(one) > moved(most) + 0.05 ? one : most));
}
