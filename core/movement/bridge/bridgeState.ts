import { turned } from '../../body/geometry/frame';
import { wrapAngle } from '../../body/geometry/wrapAngle';
import type { Pose } from '../../body/standing/pose';
import { otherSide, SIDES, type Side } from '../../body/written/side';
import { type Feet, type FootPlace, USUAL_PITCH } from '../../body/written/stance';

/** Where a foot is on its way: as it began, there but flat, there but turned as the goal wants it, at its goal, or beside the other. */
export type Spot = 'start' | 'start-flat' | 'start-turned' | 'goal' | 'beside';

/** Feet and weight on the way from one pose to another. */
export interface BridgeState {
  readonly spots: Readonly<Record<Side, Spot>>;
  readonly feet: Feet;
  readonly load: Pose['load'];
}

const SAME = 0.004;
export const sameFoot = (a: FootPlace, b: FootPlace): boolean =>
  Math.abs(a.x - b.x) < SAME &&
  Math.abs(a.y - b.y) < SAME &&
  Math.abs(wrapAngle(a.angle - b.angle)) < 0.5 &&
  a.contact === b.contact;

const SPOT_NUMBERS: Readonly<Record<Spot, number>> = {
  start: 0,
  'start-turned': 1,
  goal: 2,
  beside: 3,
  'start-flat': 4,
};
const SPOTS = Object.keys(SPOT_NUMBERS).length;

/** A number that two states share only when they are the same. */
export const keyOf = ({ spots, load }: BridgeState): number =>
  ((SPOT_NUMBERS[spots.left] * SPOTS + SPOT_NUMBERS[spots.right]) * 101 + load.left) * 101 + load.right;

export const startState = (from: Pose): BridgeState => ({
  spots: { left: 'start', right: 'start' },
  feet: from.feet,
  load: from.load,
});

/** The goal's feet put down in the room so that one foot of it stands where that foot stands now. */
export function goalFeet(from: Pose, goal: Pose, anchor: Side): Feet {
  const [now, then] = [from.feet[anchor], goal.feet[anchor]];
  const move = (foot: FootPlace): FootPlace => ({ ...foot, x: foot.x + now.x - then.x, y: foot.y + now.y - then.y });
  return { left: move(goal.feet.left), right: move(goal.feet.right) };
}

export const isReached = (state: BridgeState, goal: Pose, goalAt: Feet): boolean =>
  sameFoot(state.feet.left, goalAt.left) &&
  sameFoot(state.feet.right, goalAt.right) &&
  state.load.left === goal.load.left &&
  state.load.right === goal.load.right;

/**
 * What is at least still to be done: breath halves, and actions. A foot that only has to turn needs half a breath half, one
 * that has to be put down elsewhere a whole one, and weight that is not yet where it should be a shift.
 */
export function stillToDo(state: BridgeState, goal: Pose, goalAt: Feet): readonly [halves: number, actions: number] {
  let [halves, actions] = [0, 0];
  for (const side of SIDES) {
    const [now, then] = [state.feet[side], goalAt[side]];
    if (sameFoot(now, then)) continue;
    const stays = Math.abs(now.x - then.x) < SAME && Math.abs(now.y - then.y) < SAME;
    halves += stays && now.contact !== 'off' && then.contact !== 'off' ? 0.5 : 1;
    actions += 1;
  }
  if (state.load.left !== goal.load.left || state.load.right !== goal.load.right) {
    halves += 1;
    actions += 1;
  }
  return [halves, actions];
}

/** How far apart closed feet stand, middle to middle, metres. */
const CLOSED = 0.11;

const planted = (foot: FootPlace): FootPlace =>
  foot.contact === 'off' ? { ...foot, contact: 'ball', height: 0, pitch: USUAL_PITCH.ball } : foot;

/** A foot flat on the floor where it stands. */
export const flatFoot = (foot: FootPlace): FootPlace =>
  foot.contact === 'sole' ? foot : { ...foot, contact: 'sole', height: 0, pitch: 0 };

/** The feet as they began but turned as the goal wants them: the same all the way, so reckoned once for a way. */
export const turnedFeet = (start: BridgeState, goalAt: Feet): Feet => {
  const foot = (side: Side): FootPlace => ({
    ...planted(start.feet[side]),
    angle: goalAt[side].angle,
    contact: 'sole',
    pitch: 0,
  });
  return { left: foot('left'), right: foot('right') };
};

/** A foot closed up to the other one, turned as the goal wants it. */
export function besideOther(side: Side, other: FootPlace, goalAt: Feet): FootPlace {
  const { right } = turned(goalAt[otherSide(side)].angle);
  const out = side === 'right' ? CLOSED : -CLOSED;
  return {
    x: other.x + right[0] * out,
    y: other.y + right[1] * out,
    angle: goalAt[side].angle,
    contact: 'sole',
    height: 0,
    pitch: 0,
  };
}
