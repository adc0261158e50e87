import { baseId } from '../movement/schema/version';

/** A movement a group has been taught: how often, and when last. */
export interface Known {
  /** Its base id. */
  readonly movementId: string;
  /** In how many classes that were recorded; 0 where it is known by the instructor's word only. */
  readonly times: number;
  /** The local day of the last of them; null where there was none. */
  readonly last: string | null;
}

interface TaughtClass {
  readonly day: string;
  readonly movementIds: readonly string[];
}

/**
 * What a group knows: everything that was in a class of theirs that was recorded, what was practised last first, and what they know
 * by the instructor's word behind it.
 */
export function knowledgeOf(taught: readonly TaughtClass[], knows: readonly string[]): Known[] {
  const found = new Map<string, { times: number; last: string }>();
  for (const { day, movementIds } of taught)
    for (const id of new Set(movementIds.map(baseId))) {
      const of = found.get(id);
      found.set(id, { times: (of?.times ?? 0) + 1, last: of && of.last > day ? of.last : day });
    }
  const practised = [...found]
    .map(([movementId, of]) => ({ movementId, ...of }))
    .toSorted((a, b) => b.last.localeCompare(a.last) || b.times - a.times || a.movementId.localeCompare(b.movementId));
  const byWord = [...new Set(knows.map(baseId))].filter((id) => !found.has(id));
  return [...practised, ...byWord.map((movementId) => ({ movementId, times: 0, last: null }))];
}
