import equal from 'fast-deep-equal';
import { mirrorNumber } from '../body/geometry/mirrorNumber';
import { mirrorPose, type Pose } from '../body/standing/pose';
import type { Side } from '../body/written/side';
import type { Movement } from '../movement/schema/movement';
import { phasesFor, writtenSide } from '../movement/walk/cycleFor';
import type { Stride } from '../movement/walk/stride';
import { rememberBy } from '../remember/rememberBy';
import { mirrorChannels } from './channels';
import type { Demand } from './demandAt';
import { type PhaseKey, phaseStride } from './phaseStride';
import { type StrideDemand, strideDemand } from './strideDemand';

const swapSides = <Value>({ left, right }: Readonly<Record<Side, Value>>) => ({ left: right, right: left });

/** What the mirror image asks: the same, of the other side. */
export function mirrorDemand(demand: Demand): Demand {
  const { channels, balance, overhead, oneLeg, headLow, turnedOver, facing, sink } = demand;
  return {
    channels: mirrorChannels(channels),
    balance,
    headLow,
    turnedOver,
    facing: mirrorNumber(facing),
    sink,
    overhead: swapSides(overhead),
    oneLeg: oneLeg === null ? null : oneLeg === 'left' ? 'right' : 'left',
  };
}

const mirrorStride = ({ pieces, moved }: StrideDemand): StrideDemand => ({
  pieces: pieces.map(mirrorDemand),
  moved: mirrorChannels(moved),
});

type Ends = Pick<Stride, 'from' | 'to'>;

/** Whether two strides lead from the same pose to the same pose, but for where in the room they are. */
function leadsAlike(a: Ends, b: Ends): boolean {
  const [x, y] = [b.from.feet.left.x - a.from.feet.left.x, b.from.feet.left.y - a.from.feet.left.y];
  const near = (one: Pose, other: Pose): boolean => {
    const feet = (side: Side) =>
      Math.abs(other.feet[side].x - one.feet[side].x - x) < 1e-6 &&
      Math.abs(other.feet[side].y - one.feet[side].y - y) < 1e-6 &&
      other.feet[side].angle === one.feet[side].angle &&
      other.feet[side].contact === one.feet[side].contact;
    if (!feet('left') || !feet('right')) return false;
    // Where the feet and the seat stand has been looked at; all else must be alike.
    return equal({ ...one, feet: null, seat: null }, { ...other, feet: null, seat: null });
  };
  return near(a.from, b.from) && near(a.to, b.to);
}

/** Whether two strides are the same but for where in the room they are done. */
const asksTheSame = (a: Stride, b: Stride): boolean =>
  (a.phase === b.phase || equal(a.phase, b.phase)) && leadsAlike(a, b);

/** Whether a stride is the mirror image of the same phase done on the other side. */
const isMirrorOf = (stride: Stride, other: Stride): boolean =>
  leadsAlike({ from: mirrorPose(other.from), to: mirrorPose(other.to) }, stride);

/**
 * What one phase of a movement asks, worked out once for each phase, direction and first or later repetition. The other side
 * is the mirror image, exactly.
 */
export const phaseDemand: (movement: Movement, key: PhaseKey) => StrideDemand | null = rememberBy(
  (movement: Movement, key: PhaseKey): StrideDemand | null => {
    const written = writtenSide(movement);
    const otherSide = written !== null && key.side !== null && key.side !== written;
    const alternating = movement.laterality.sides.kind === 'alternating';
    if (otherSide && !alternating) {
      const one = phaseDemand(movement, { ...key, side: written });
      return one && mirrorStride(one);
    }
    const stride = phaseStride(movement, key, otherSide);
    if (!stride) return null;
    // By turns, the first time on the other side is as a rule the mirror image of the second time on this one.
    if (otherSide && key.first) {
      const later = phaseStride(movement, { ...key, first: false }, false);
      if (later && isMirrorOf(stride.stride, later.stride)) {
        const one = phaseDemand(movement, { ...key, side: written, first: false });
        return one && mirrorStride(one);
      }
    }
    // Most movements come back to where they began, and their first repetition asks what all others ask.
    if (!key.first) {
      const first = phaseStride(movement, { ...key, first: true }, otherSide);
      if (first && first !== stride && asksTheSame(first.stride, stride.stride))
        return phaseDemand(movement, { ...key, first: true });
    }
    return strideDemand(stride.stride);
  },
  ({ part, phase, side, direction, first }) => `${part} ${phase} ${side} ${direction} ${first}`,
);

/** What a whole cycle of a movement asks at most and on the mean, phase by phase in equal parts; for the repertoire. */
export function cycleDemand(movement: Movement): StrideDemand[] {
  const side = writtenSide(movement);
  return phasesFor(movement, 'cycle', side).flatMap((_, phase) => {
    const direction = movement.laterality.directions.kind === 'both' ? 'first' : null;
    const demand = phaseDemand(movement, { part: 'cycle', phase, side, direction, first: false });
    return demand ? [demand] : [];
  });
}
