import type { Side } from '../body/written/side';
import type { Movement } from '../movement/schema/movement';
import type { PartName } from '../movement/schema/parts';
import type { Pass } from '../movement/schema/pass';
import { cachedWalk } from '../movement/walk/cachedWalk';
import type { PartStride } from '../movement/walk/walkMovement';

/** Which phase of a movement, done how. `first` is the first repetition, which begins from the start rather than from the end. */
export interface PhaseKey {
  readonly part: PartName;
  readonly phase: number;
  readonly side: Side | null;
  readonly direction: Pass['direction'];
  readonly first: boolean;
}

/** The stride of a phase on the written side of a movement; null where it has none. */
export function phaseStride(
  movement: Movement,
  { part, phase, direction, first }: PhaseKey,
  turnedRound: boolean,
): PartStride | null {
  const walk = cachedWalk(movement, direction);
  const found = walk.filter((stride) => stride.part === part && stride.phase === phase);
  // An alternating movement is walked left, right, left, right: the second time on each side is the usual one.
  const alternating = movement.laterality.sides.kind === 'alternating';
  const place = alternating ? (first ? 0 : 2) + (turnedRound ? 1 : 0) : first ? 0 : 1;
  return found[part === 'cycle' ? place : 0] ?? found[0] ?? null;
}
