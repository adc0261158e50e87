import type { Side } from '../body/side';
import { phasesFor } from './cycleFor';
import type { Movement } from './movement';
import { PartName } from './parts';
import type { Pass } from './pass';
import type { Phase } from './phase';

const KNOWN = new WeakMap<Movement, (readonly Phase[] | undefined)[]>();

const PARTS = PartName.options;
const sideNumber = (side: Side | null): number => (side === null ? 0 : side === 'left' ? 1 : 2);
const directionNumber = (direction: Pass['direction']): number =>
  direction === null ? 0 : direction === 'first' ? 1 : 2;

/** The phases of a part as done on one side and in one direction, made once for each: `phasesFor`, remembered. */
export function knownPhases(
  movement: Movement,
  part: PartName,
  side: Side | null,
  direction: Pass['direction'],
): readonly Phase[] {
  let ways = KNOWN.get(movement);
  if (!ways) {
    ways = [];
    KNOWN.set(movement, ways);
  }
  const way = (PARTS.indexOf(part) * 3 + sideNumber(side)) * 3 + directionNumber(direction);
  const known = ways[way];
  if (known) return known;
  const phases = phasesFor(movement, part, side, direction);
  ways[way] = phases;
  return phases;
}
