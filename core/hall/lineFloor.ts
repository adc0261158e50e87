import { USUAL_BODY } from '../body/standing/bodySize';
import { SIDES } from '../body/written/side';
import { type Envelope, envelopeOf } from '../movement/sample/envelope';
import type { Movement } from '../movement/schema/movement';
import { writtenSide } from '../movement/walk/cycleFor';
import { walkMovement } from '../movement/walk/walkMovement';
import { rememberFor } from '../remember/rememberFor';
import { driftOf } from '../session/load/driftOf';
import type { Segment } from '../session/timeline/segment';

/** What a line takes of the floor for each of those who do it. */
export interface LineFloor {
  /** Metres to each side of where one began, with the way the line goes. */
  readonly room: Envelope;
  /** The same without that way. */
  readonly sweep: Envelope;
  /** How far one stands from the next, metres. */
  readonly pitch: number;
}

const most = (a: Envelope, b: Envelope): Envelope => ({
  left: Math.max(a.left, b.left),
  right: Math.max(a.right, b.right),
  front: Math.max(a.front, b.front),
  back: Math.max(a.back, b.back),
});

/** What one cycle sweeps over, on either side it may be done on. */
const swept = rememberFor((movement: Movement): Envelope => {
  const sides = writtenSide(movement) === null ? [null] : SIDES;
  const cycles = movement.laterality.sides.kind === 'alternating' ? 2 : 1;
  return sides
    .map((side) => envelopeOf(walkMovement(movement, { side, cycles }).map(({ stride }) => stride)))
    .reduce(most);
});

/** What a body needs to each side when it is turned: the corners of what it sweeps over, carried round. */
function turnedRoom(room: Envelope, facing: number): Envelope {
  if (facing === 0) return room;
  const angle = (facing * Math.PI) / 180;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const corners = [room.right, -room.left].flatMap((x) =>
    [room.front, -room.back].map((y) => ({ x: x * cos + y * sin, y: y * cos - x * sin })),
  );
  return {
    left: Math.max(...corners.map(({ x }) => -x)),
    right: Math.max(...corners.map(({ x }) => x)),
    front: Math.max(...corners.map(({ y }) => y)),
    back: Math.max(...corners.map(({ y }) => -y)),
  };
}

/** From one outstretched hand to the other, metres. */
const ARM_SPAN = 2 * (USUAL_BODY.arm + USUAL_BODY.hand) + USUAL_BODY.shoulders;
/** Nobody wants to be touched: so much more than the span of the arms. Convention. */
const SPACED = 1.2;

/**
 * What a line takes of the floor: the sweep of one cycle wherever the line has come to, and a pitch of 1.2 arm spans, or of what the
 * movement sweeps beyond the way all go together.
 * @param facing which way the line is turned, degrees clockwise from the front
 */
export function lineFloor(movement: Movement, segments: readonly Segment[], facing: number): LineFloor {
  const sweep = turnedRoom(swept(movement), facing);
  let [x, y] = [0, 0];
  let [stepAcross, stepDeep] = [0, 0];
  let room = sweep;
  for (const segment of segments) {
    const by = driftOf(movement, segment, facing);
    if (by.x === 0 && by.y === 0) continue;
    room = most(room, { left: sweep.left - x, right: sweep.right + x, front: sweep.front + y, back: sweep.back - y });
    x += by.x;
    y += by.y;
    stepAcross = Math.max(stepAcross, Math.abs(by.x));
    stepDeep = Math.max(stepDeep, Math.abs(by.y));
  }
  const across = sweep.left + sweep.right - stepAcross;
  const deep = sweep.front + sweep.back - stepDeep;
  return { room, sweep, pitch: Math.max(SPACED * ARM_SPAN, across, deep) };
}
