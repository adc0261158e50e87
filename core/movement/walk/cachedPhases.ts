import type { Side } from '../../body/written/side';
import { rememberBy } from '../../remember/rememberBy';
import { PartName } from '../schema/parts';
import type { Pass } from '../schema/pass';
import { phasesFor } from './cycleFor';

const PARTS = PartName.options;
const sideNumber = (side: Side | null): number => (side === null ? 0 : side === 'left' ? 1 : 2);
const directionNumber = (direction: Pass['direction']): number =>
  direction === null ? 0 : direction === 'first' ? 1 : 2;

/** `phasesFor`, remembered: the phases of a part as done on one side and in one direction, the same objects every time. */
export const cachedPhases = rememberBy(
  phasesFor,
  (part, side, direction) => (PARTS.indexOf(part) * 3 + sideNumber(side)) * 3 + directionNumber(direction ?? null),
);
