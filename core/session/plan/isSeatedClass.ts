import { isSeated } from '../../body/written/load';
import type { FindMovement } from '../../movement/schema/movement';
import type { Plan } from './session';

/** Whether a class is done on chairs: then what is proposed is too, and otherwise nothing that begins on one. */
export function isSeatedClass(plan: Pick<Plan, 'sections'>, find: FindMovement): boolean {
  const movements = plan.sections
    .filter(({ kind }) => kind === 'main')
    .flatMap(({ items }) => items.flatMap((item) => (item.kind === 'movement' ? (find(item.movementId) ?? []) : [])));
  return movements.length > 0 && movements.every(({ start }) => isSeated(start.load));
}
