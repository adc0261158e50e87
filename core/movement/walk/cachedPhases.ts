import type { Side } from '../../body/written/side';
import type { Movement } from '../schema/movement';
import { PartName } from '../schema/parts';
import type { Pass } from '../schema/pass';
import type { Phase } from '../schema/phase';
import { phasesFor } from './cycleFor';

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
