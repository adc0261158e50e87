import { wrapAngle } from '../../body/geometry/wrapAngle';
import type { Pose } from '../../body/standing/pose';
import { standIn } from '../../body/standing/stand';
import { otherSide, type Side } from '../../body/written/side';
import type { Movement } from '../schema/movement';
import type { PartName } from '../schema/parts';
import type { Pass } from '../schema/pass';
import type { Phase } from '../schema/phase';
import { phasesFor, startFor, writtenSide } from './cycleFor';
import { strideOf, type WrittenStride } from './stride';

/** A stride with the part of the movement it belongs to. */
export interface PartStride {
  readonly stride: WrittenStride;
  readonly part: PartName;
  readonly phase: number;
  readonly side: Side | null;
}

export interface WalkChoice {
  /** The side it is done on, or begins on; null for even movements. */
  readonly side: Side | null;
  readonly direction?: Pass['direction'];
  /** How many cycles; an alternating movement takes its sides by turns. */
  readonly cycles?: number;
  /** Degrees clockwise that the whole movement is turned from the front. */
  readonly facing?: number;
}

const facingPhase = (phase: Phase, facing: number): Phase =>
  facing === 0 || phase.to.heading === undefined
    ? phase
    : { ...phase, to: { ...phase.to, heading: wrapAngle(phase.to.heading + facing) } };

/** The sides of so many cycles: by turns for an alternating movement, all alike otherwise. */
const sideOfCycle = (movement: Movement, side: Side | null, cycle: number): Side | null =>
  movement.laterality.sides.kind === 'alternating' && side !== null && cycle % 2 === 1 ? otherSide(side) : side;

/**
 * Walks a movement: its entry, so many cycles, its exit.
 * @param from the pose it is begun in; without it, the movement's own start in the middle of the room
 */
export function walkMovement(movement: Movement, choice: WalkChoice, from?: Pose): PartStride[] {
  const { side, direction = null, cycles = 1, facing = 0 } = choice;
  const written = startFor(movement, side);
  const start = facing === 0 ? written : { ...written, heading: wrapAngle(written.heading + facing) };
  let at = { posture: start, pose: from ? standIn(start, from) : standIn(start) };
  const walked: PartStride[] = [];
  const go = (part: PartName, on: Side | null) => {
    phasesFor(movement, part, on, direction).forEach((phase, index) => {
      const stride = strideOf(facingPhase(phase, facing), at.posture, at.pose);
      walked.push({ stride, part, phase: index, side: on });
      at = { posture: stride.posture, pose: stride.to };
    });
  };
  go('entry', side);
  for (let cycle = 0; cycle < cycles; cycle += 1) go('cycle', sideOfCycle(movement, side, cycle));
  go('exit', sideOfCycle(movement, side, cycles - 1));
  return walked;
}

/** The sides and directions that have to be looked at to have seen all of a movement. */
export function waysOf(movement: Movement): WalkChoice[] {
  const written = writtenSide(movement);
  const sides: (Side | null)[] = written === null ? [null] : [written, otherSide(written)];
  const directions: Pass['direction'][] =
    movement.laterality.directions.kind === 'both' ? ['first', 'reversed'] : [null];
  return sides.flatMap((side) => directions.map((direction) => ({ side, direction, cycles: 2 })));
}
