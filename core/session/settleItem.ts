import { type Movement, type Role, usualName } from '../movement/movement';
import type { Schools } from '../movement/schools';
import { countWords } from './countWords';
import { newMovementItem } from './defaults';
import { settlesAs } from './doneAs';
import type { Segment } from './segment';
import type { MovementItem, Section } from './session';
import type { SettleLine, SettleRoutine } from './settleRoutine';

/** A line of a routine as it is done after `itemId`: said while moving, and counted in with that line's minutes. */
export const settleItem = (itemId: string, movement: Movement, { count }: SettleLine, role: Role): MovementItem => ({
  ...newMovementItem(itemId, movement, role, count),
  manner: 'follow-along',
});

const lineWords = (line: SettleLine, find: (id: string) => Movement | undefined): string[] => {
  const movement = find(line.movementId);
  if (!movement) return [];
  const { words } = countWords(movement, settleItem('', movement, line, 'closing'));
  const often = line.count === 1 ? words.replace(/^times/, 'once') : `${line.count} ${words}`;
  return [`${usualName(movement)}, ${often}`];
};

/** A routine in words: "Hands home: Gather to the Centre, 3 times". Movements that are not known are left out. */
export function settleWords({ name, lines }: SettleRoutine, find: (id: string) => Movement | undefined): string {
  const said = lines.flatMap((line) => lineWords(line, find)).join('; ');
  return name === '' ? said : `${name}: ${said}`;
}

/** What a routine is called in a word or two: by its name, or by its first movement. */
export function settleName({ name, lines }: SettleRoutine, find: (id: string) => Movement | undefined): string {
  const [first, ...more] = lines.flatMap(({ movementId }) => find(movementId) ?? []);
  if (name !== '' || !first) return name;
  return more.length === 0 ? usualName(first) : `${usualName(first)} and ${more.length} more`;
}

/** Whether a stretch is a phase of its section's routine, and not of the line it settles. */
export const isRoutine = ({ kind, part }: Pick<Segment, 'kind' | 'part'>): boolean =>
  kind === 'settle' && part !== null;

/**
 * The movement that is done in a stretch of a class: the line's, as the line has it done, or one of the routine that settles it.
 * @param movements of each line, as `movementsOf` answers them
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
  return movement && settlesAs(movement, schools);
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
