import type { Schools } from '../../movement/adapt/schools';
import type { Movement, Role } from '../../movement/schema/movement';
import { adaptToSchools } from '../plan/adaptMovement';
import { newMovementItem } from '../plan/defaults';
import type { MovementItem, Section } from '../plan/session';
import type { SettleLine } from '../plan/settleRoutine';
import type { Segment } from '../timeline/segment';

/** A line of a routine as it is done after `itemId`: said while moving, and counted in with that line's minutes. */
export const settleItem = (itemId: string, movement: Movement, { count }: SettleLine, role: Role): MovementItem => ({
  ...newMovementItem(itemId, movement, role, count),
  manner: 'follow-along',
});

/** Whether a stretch is a phase of its section's routine, and not of the line it settles. */
export const isRoutine = ({ kind, part }: Pick<Segment, 'kind' | 'part'>): boolean =>
  kind === 'settle' && part !== null;

/**
 * The movement that is done in a stretch of a class: the line's, as the line has it done, or one of the routine that settles it.
 * @param movements of each line, as `adaptedMovements` answers them
 * @param schools those of the class
 */
export const doneIn = (
  segment: Pick<Segment, 'kind' | 'part' | 'itemId' | 'movementId'>,
  movements: ReadonlyMap<string, Movement>,
  find: (id: string) => Movement | undefined,
  schools: Schools,
): Movement | undefined => {
  if (!isRoutine(segment) || segment.movementId === null) return movements.get(segment.itemId);
  const movement = find(segment.movementId);
  return movement && adaptToSchools(movement, schools);
};

/** The ids of all movements a class names, in its lines and in what settles them. */
export const movementIdsOf = (sections: readonly Section[]): string[] => [
  ...new Set(
    sections.flatMap(({ items, settle }) => [
      ...items.flatMap((item) => (item.kind === 'movement' ? [item.movementId] : [])),
      ...(settle?.lines ?? []).map(({ movementId }) => movementId),
    ]),
  ),
];
