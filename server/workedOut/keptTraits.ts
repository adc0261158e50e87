import type { Movement } from '../../core/movement/schema/movement';
import { rememberFor } from '../../core/remember/rememberFor';
import { MovementTraits, movementTraits } from '../../core/traits/movementTraits';
import { keptFigure, type WorkedOutOf } from './figure';

/**
 * The traits of a movement: as they are known ahead, or as they were worked out of what it says before; else they are worked out.
 * @param ahead what is known of the movements that come along
 */
export function keptTraits(
  from: WorkedOutOf,
  ahead: (movement: Movement) => MovementTraits | undefined,
): (movement: Movement) => MovementTraits {
  const kept = keptFigure('traits', MovementTraits, from);
  return rememberFor((movement: Movement): MovementTraits => {
    const work = () => movementTraits(movement);
    return (
      ahead(movement) ??
      kept(movement.id, JSON.stringify(movement), () => ({ figure: work(), movementIds: [] })) ??
      work()
    );
  });
}
