import { usualName } from '../../../movement/schema/movement';
import type { Judged } from './finding';

/** The name of a line, as its instructor says it. */
export function nameOf({ plan, find }: Pick<Judged, 'plan' | 'find'>, itemId: string): string {
  const item = plan.sections.flatMap(({ items }) => items).find(({ id }) => id === itemId);
  if (!item) return 'a line';
  if (item.kind !== 'movement') return item.kind === 'rest' ? 'Rest' : 'Talk';
  const movement = find(item.movementId);
  return movement ? usualName(movement) : item.movementId;
}
