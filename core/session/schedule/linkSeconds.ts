import type { Pose } from '../../body/standing/pose';
import { otherSide, type Side } from '../../body/written/side';
import type { BridgeAction } from '../../movement/bridge/bridgeActions';
import type { Movement } from '../../movement/schema/movement';
import type { Pass } from '../../movement/schema/pass';
import { writtenSide } from '../../movement/walk/cycleFor';
import { openingMoves } from '../../movement/walk/openingMoves';
import { FREE_STEP } from '../../timing/timingConstants';

/** What the movement that follows does by itself, on the side it is done on. */
interface Itself {
  readonly steps: (foot: Side) => boolean;
  /** Whether weight going there from so much goes on the same way as the movement begins. */
  readonly shifts: (from: Pose['load'], there: Pose['load']) => boolean;
}

const NOTHING: Itself = { steps: () => false, shifts: () => false };

/** A part of a movement that the steps lead into. */
export interface Into {
  readonly movement: Movement;
  readonly part: 'entry' | 'cycle';
  readonly side: Side | null;
  readonly direction: Pass['direction'];
}

function itself({ movement, part, side, direction }: Into): Itself {
  const moves = openingMoves(movement, direction, part);
  if (!moves) return NOTHING;
  const mirrored = side !== null && side !== writtenSide(movement);
  const foot = (one: Side): Side => (mirrored ? otherSide(one) : one);
  const goes = (moves.load.to.left - moves.load.from.left) * (mirrored ? -1 : 1);
  return {
    steps: (one) => moves.feet[foot(one)],
    shifts: (from, there) => (there.left - from.left) * goes > 0,
  };
}

/** Sitting down and standing up take as long as two steps. */
const STEPS: Readonly<Record<BridgeAction['kind'], number>> = {
  shift: 1,
  step: 1,
  close: 1,
  turn: 1,
  sit: 2,
  stand: 2,
};

/** A foot turns while the weight goes to the other one: beside a shift it takes no time of its own. */
const turnsMeanwhile = (actions: readonly BridgeAction[], place: number): boolean =>
  actions[place]?.kind === 'turn' && [actions[place - 1], actions[place + 1]].some((next) => next?.kind === 'shift');

/**
 * How long the feet need for the steps into a movement, seconds: a second and a half for each, nothing for a turn made while the
 * weight shifts, and nothing for what the movement does itself as it begins: the last thing done with a foot that it goes on to move,
 * and the last shift of weight if it goes on the same way.
 * `feetSeconds` of "weight right, step left, weight to the middle, turn the right foot" is 4.5.
 * @param from how the weight stands before
 */
export function feetSeconds(actions: readonly BridgeAction[], from: Pose['load'], into?: Into): number {
  const { steps, shifts } = into ? itself(into) : NOTHING;
  const isLast = (place: number, foot: Side) =>
    actions.slice(place + 1).every((later) => later.kind === 'shift' || later.foot !== foot);
  const counted = actions.filter((action, place) => {
    const { kind, foot } = action;
    if (turnsMeanwhile(actions, place)) return false;
    if (kind === 'shift')
      return !(
        actions.slice(place + 1).every((later) => later.kind !== 'shift') &&
        shifts(actions[place - 1]?.load ?? from, action.load)
      );
    return !(foot !== null && isLast(place, foot) && steps(foot));
  });
  return counted.reduce((sum, { kind }) => sum + STEPS[kind] * FREE_STEP, 0);
}

/**
 * What the steps into a movement add to a class, seconds. They are breathed as it comes. The breath half that the movement begins
 * with takes in what needs no more than half of it, if it leaves the feet alone; the longer the feet need beyond that, the less of it
 * is taken in, and none where they need all of it. So a slower breath never makes a class shorter. No more than one whole breath is added.
 * @param feet how long the feet need
 * @param opening how long the breath half lasts that the movement begins with; 0 where it has steps of its own
 * @param breath how long one breath lasts at the pace of the moment
 */
export const linkSeconds = (feet: number, opening: number, breath: number): number =>
  Math.min(feet, Math.max(0, 2 * feet - opening), breath);

/** Whether a part begins with steps of its own, so that it has no time for others. */
export const beginsStepping = ({ movement, part, direction }: Into): boolean => {
  const feet = openingMoves(movement, direction, part)?.feet;
  return feet !== undefined && (feet.left || feet.right);
};
