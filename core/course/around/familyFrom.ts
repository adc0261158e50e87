import { unique } from 'remeda';
import type { Movement } from '../../movement/schema/movement';
import type { PieceFamily } from '../schema/family';

/** So many pieces stand in for each other at most, and so many slots there are. */
export const MOST_IN_SLOT = 3;
export const MOST_SLOTS = 4;
const MOST_IN_CORE = 12;

/**
 * A family made from a few good passages for the same course: what only one thing can do is the core; where the others do the same
 * with another piece, they take turns.
 * @param likeness what a piece is done for: pieces with the same stand in for each other
 * @returns null where the first passage is empty
 */
export function familyFrom(
  passages: readonly (readonly Movement[])[],
  likeness: (movement: Movement) => string,
): PieceFamily | null {
  const [first, ...others] = passages;
  if (!first || first.length === 0) return null;
  const besides = unique(others.flat()).filter((movement) => !first.includes(movement));
  const core: string[] = [];
  const slots: string[][] = [];
  const used = new Set<Movement>();
  for (const movement of first) {
    const alike = besides.filter((one) => !used.has(one) && likeness(one) === likeness(movement));
    if (alike.length === 0 || slots.length === MOST_SLOTS) {
      core.push(movement.id);
      continue;
    }
    const slot = [movement, ...alike].slice(0, MOST_IN_SLOT);
    for (const one of slot) used.add(one);
    slots.push(slot.map(({ id }) => id));
  }
  if (core.length === 0) core.push(...(slots.shift()?.slice(0, 1) ?? []));
  return { core: core.slice(0, MOST_IN_CORE), slots };
}
