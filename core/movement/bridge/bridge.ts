import TinyQueue from 'tinyqueue';
import { wrapAngle } from '../../body/geometry/wrapAngle';
import { carryPose, type Pose } from '../../body/standing/pose';
import { isSeated } from '../../body/written/load';
import { otherSide, type Side } from '../../body/written/side';
import type { Feet } from '../../body/written/stance';
import { actionsFrom, type BridgeAction, type Crossing, crossingTo } from './bridgeActions';
import { type BridgeState, goalFeet, isReached, keyOf, startState, stillToDo } from './bridgeState';

/** What a way costs, compared from the left: breath halves, actions, weighted turn in degrees, metres walked, then a fixed order. */
export type WayCost = readonly [halves: number, actions: number, turned: number, travel: number, order: string];

/** The foot actions that lead from where one movement ends to where the next begins. */
export interface Bridge {
  readonly actions: readonly BridgeAction[];
  /** Breath halves it takes. */
  readonly halves: number;
  /** Where it leads: the goal's feet as they come to stand in the room. */
  readonly feet: Feet;
}

/** Less is better; the first number that differs decides. */
export function compareCost(a: WayCost, b: WayCost): number {
  if (Math.abs(a[0] - b[0]) > 1e-9) return a[0] - b[0];
  if (a[1] !== b[1]) return a[1] - b[1];
  if (Math.abs(a[2] - b[2]) > 1e-9) return a[2] - b[2];
  if (Math.abs(a[3] - b[3]) > 1e-9) return a[3] - b[3];
  return a[4] < b[4] ? -1 : a[4] > b[4] ? 1 : 0;
}

const NOTHING: WayCost = [0, 0, 0, 0, ''];
const plus = (cost: WayCost, { halves, turned, travel, order }: BridgeAction): WayCost => [
  cost[0] + halves,
  cost[1] + 1,
  cost[2] + turned,
  cost[3] + travel,
  cost[4] + order,
];

interface Way {
  readonly state: BridgeState;
  readonly cost: WayCost;
  /** What it costs at least by the time it is there. */
  readonly least: WayCost;
  /** The last action, and the way it was taken from; null at the start. */
  readonly last: BridgeAction | null;
  readonly before: Way | null;
}

function actionsOf(way: Way): BridgeAction[] {
  const actions: BridgeAction[] = [];
  for (let at: Way | null = way; at?.last; at = at.before) actions.push(at.last);
  return actions.reverse();
}

/**
 * The cheapest way from a state to its goal, by Dijkstra with what is at least still to be done (A*). Null where the rules leave none, or none under `most`.
 * @param most what another way costs already
 */
function cheapestWay(crossing: Crossing, most: WayCost | null): Way | null {
  const { start, goal, goalAt } = crossing;
  const leastOf = (cost: WayCost, state: BridgeState): WayCost => {
    const [halves, actions] = stillToDo(state, goal, goalAt);
    return [cost[0] + halves, cost[1] + actions, cost[2], cost[3], cost[4]];
  };
  const begun: Way = { state: start, cost: NOTHING, least: leastOf(NOTHING, start), last: null, before: null };
  const open = new TinyQueue([begun], (one, other) => compareCost(one.least, other.least));
  /** What each state has cost at the least so far; a state that is closed has its cheapest way. */
  const cheapest = new Map<number, WayCost>([[keyOf(start), NOTHING]]);
  const closed = new Set<number>();
  for (let next = open.pop(); next; next = open.pop()) {
    if (most !== null && compareCost(next.least, most) >= 0) return null;
    const key = keyOf(next.state);
    if (closed.has(key)) continue;
    if (isReached(next.state, goal, goalAt)) return next;
    closed.add(key);
    for (const { action, state } of actionsFrom(next.state, crossing)) {
      const reached = keyOf(state);
      if (closed.has(reached)) continue;
      // What costs more than another way already does need not be kept.
      if (most !== null && next.cost[0] + action.halves > most[0] + 1e-9) continue;
      const cost = plus(next.cost, action);
      const known = cheapest.get(reached);
      if (known && compareCost(cost, known) >= 0) continue;
      cheapest.set(reached, cost);
      open.push({ state, cost, least: leastOf(cost, state), last: action, before: next });
    }
  }
  return null;
}

/**
 * Which foot the goal is put down from when both ways cost the same: the one that bears more now, then the one that will
 * bear more, then the right, so that the left steps out as is the custom.
 */
function preferredAnchor(from: Pose, goal: Pose): Side {
  if (from.load.left !== from.load.right) return from.load.left > from.load.right ? 'left' : 'right';
  if (goal.load.left !== goal.load.right) return goal.load.left > goal.load.right ? 'left' : 'right';
  return 'right';
}

/**
 * The way from one pose to the next movement's start. Every step of it passes the footwork rules: a foot is lifted only when
 * it bears at most 10 percent, and turned on the floor only when it bears at most 40, or by 30 degrees or less.
 * @param goal a pose by itself; it is put down in the room from whichever foot makes the shorter way
 * @returns null where no such way is known
 */
export function bridgeBetween(from: Pose, goal: Pose): Bridge | null {
  const turn = wrapAngle(goal.heading - from.heading);
  if (Math.abs(turn) <= TURNS_AT_ONCE || isSeated(from.load) || isSeated(goal.load)) return bridgeAtOnce(from, goal);
  // Further round no hips reach: half of it first, on the same feet, and then the rest.
  const half = carryPose(goal, { angle: -turn / 2, x: 0, y: 0 });
  const first = bridgeBetween(from, half);
  const second = first && bridgeBetween({ ...half, feet: first.feet }, goal);
  return (
    second && {
      actions: [...first.actions, ...second.actions],
      halves: first.halves + second.halves,
      feet: second.feet,
    }
  );
}

/** A pelvis turns so far over feet that turn one after the other: in at one hip and out at the other, degrees. */
const TURNS_AT_ONCE = 95;

function bridgeAtOnce(from: Pose, goal: Pose): Bridge | null {
  const preferred = preferredAnchor(from, goal);
  let best: { way: Way; feet: Feet } | null = null;
  for (const anchor of [preferred, otherSide(preferred)]) {
    const feet = goalFeet(from, goal, anchor);
    const way = cheapestWay(crossingTo(startState(from), goal, feet), best?.way.cost ?? null);
    if (way) best = { way, feet };
  }
  return best && { actions: actionsOf(best.way), halves: best.way.cost[0], feet: best.feet };
}
