import { skeletonOf } from '../body/figure/skeleton';
import { hipTurn } from '../body/limits/bodyFinding';
import type { Pose } from '../body/standing/pose';
import { SIDES, type Side } from '../body/written/side';
import { bearsWeight } from '../body/written/site';
import { demandAt } from '../demand/demandAt';
import { type PhaseKey, phaseStride } from '../demand/phaseStride';
import { FULL_SIZE } from '../movement/sample/overlayRun';
import { samplePose } from '../movement/sample/samplePose';
import type { Movement } from '../movement/schema/movement';
import { writtenSide } from '../movement/walk/cycleFor';
import type { Stride } from '../movement/walk/stride';
import { rememberBy } from '../remember/rememberBy';
import { THRESHOLDS } from '../session/limits/thresholds';

/** What one phase really asks of a body, at its most. */
export interface PhaseAsks {
  /** The bend of the more loaded knee, degrees; 0 on a chair. */
  readonly kneeBend: number;
  /** Degrees that the pelvis is turned in over a foot that bears the weight, or that such a foot is turned. */
  readonly twist: Readonly<Record<Side, number>>;
  /** Metres that the hand or the elbow is above the shoulder; negative below it. */
  readonly handHigh: Readonly<Record<Side, number>>;
  /** Degrees that the trunk is folded forward, hinged and rounded together. */
  readonly fold: number;
  /** Whether the head is below the heart. */
  readonly headLow: boolean;
  /** Whether the trunk comes up out of a fold, or the head from below the heart. */
  readonly comesUp: boolean;
  /** Whether little is stood on and nothing is held: on one leg, on the balls of both feet, or with the eyes closed. */
  readonly unsteady: boolean;
  /** Whether the breath is stopped. */
  readonly retained: boolean;
  /** Whether hands press, knock or rub the body. */
  readonly presses: boolean;
  readonly seated: boolean;
}

/** A foot bears the weight from so many percent on: the same as for a weighted turn. */
const BEARING = 40;
/** Coming up out of a fold by so many degrees counts as rising. Convention. */
const RISES = 25;
/** A phase is looked at so often, both its ends among them. */
const LOOKS = [0, 0.25, 0.5, 0.75, 1] as const;

const foldOf = ({ spine }: Pose): number => Math.max(0, spine.hinge + spine.round);

function isUnsteady(pose: Pose, balance: number): boolean {
  if (pose.seat !== null || SIDES.some((side) => bearsWeight(pose.hands[side].rests))) return false;
  const onBalls = SIDES.every((side) => pose.feet[side].contact === 'ball');
  return onBalls || pose.eyes === 'closed' || balance > THRESHOLDS.freeBalance;
}

/** Degrees that a foot turns while it bears the weight. */
const turnedUnderLoad = (stride: Stride, side: Side): number =>
  stride.feet[side].free || stride.to.seat !== null ? 0 : Math.abs(stride.feet[side].turned);

function asksOfStride(stride: Stride): PhaseAsks {
  const { phase } = stride;
  const looks = LOOKS.map((u) => {
    const pose = samplePose(stride, u, 4, FULL_SIZE);
    const body = skeletonOf(pose);
    return { pose, body, demand: demandAt(pose, body) };
  });
  const most = (of: (look: (typeof looks)[number]) => number) => Math.max(...looks.map(of));
  const bySide = (of: (side: Side) => number) => ({ left: of('left'), right: of('right') });
  const [first, last] = [looks[0], looks.at(-1)];
  return {
    kneeBend: most(({ demand }) => demand.sink),
    twist: bySide((side) =>
      Math.max(
        turnedUnderLoad(stride, side),
        most(({ pose }) => (pose.seat === null && pose.load[side] >= BEARING ? -hipTurn(pose, side) : 0)),
        0,
      ),
    ),
    handHigh: bySide((side) =>
      most(({ body }) => {
        const { shoulder, elbow, wrist } = body.arms[side];
        return Math.max(elbow[2], wrist[2]) - shoulder[2];
      }),
    ),
    fold: most(({ pose }) => foldOf(pose)),
    headLow: looks.some(({ demand }) => demand.headLow),
    comesUp:
      first !== undefined &&
      last !== undefined &&
      (foldOf(first.pose) - foldOf(last.pose) > RISES || (first.demand.headLow && !last.demand.headLow)),
    unsteady: looks.some(({ pose, demand }) => isUnsteady(pose, demand.balance)),
    retained: phase.breath === 'retained-full' || phase.breath === 'retained-empty',
    presses: phase.overlays.some(
      (overlay) =>
        overlay.kind === 'route' ||
        (overlay.kind === 'vibration' && (overlay.form === 'knock' || overlay.form === 'tap')),
    ),
    seated: looks.every(({ pose }) => pose.seat !== null),
  };
}

const swapped = <Value>({ left, right }: Readonly<Record<Side, Value>>) => ({ left: right, right: left });
const mirrored = (asks: PhaseAsks): PhaseAsks => ({
  ...asks,
  twist: swapped(asks.twist),
  handHigh: swapped(asks.handHigh),
});

/**
 * What one phase of a movement really asks, from its postures, not from the movement's name. Worked out once for each phase, side
 * and direction; the other side is the mirror image. Null where the movement has no such phase.
 */
export const phaseAsks: (movement: Movement, key: PhaseKey) => PhaseAsks | null = rememberBy(
  (movement: Movement, key: PhaseKey): PhaseAsks | null => {
    const written = writtenSide(movement);
    if (written !== null && key.side !== null && key.side !== written) {
      const one = phaseAsks(movement, { ...key, side: written });
      return one && mirrored(one);
    }
    const found = phaseStride(movement, key, false);
    return found && asksOfStride(found.stride);
  },
  ({ part, phase, side, direction, first }) => `${part} ${phase} ${side} ${direction} ${first}`,
);
