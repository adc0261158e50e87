import type { Pose } from '../body/pose';
import { SIDES, type Side } from '../body/side';
import type { Feet } from '../body/stance';
import { actionsFrom, type BridgeAction } from './bridgeActions';
import { type BridgeState, goalFeet, isReached, keyOf, startState } from './bridgeState';

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
  for (const index of [0, 1, 2, 3] as const) {
    const difference = a[index] - b[index];
    if (Math.abs(difference) > 1e-9) return difference;
  }
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
  readonly actions: readonly BridgeAction[];
}

/** The cheapest way from a state to its goal, by Dijkstra. Null where the rules leave none. */
function cheapestWay(start: BridgeState, goal: Pose, goalAt: Feet): Way | null {
  const open = new Map<string, Way>([[keyOf(start), { state: start, cost: NOTHING, actions: [] }]]);
  const closed = new Set<string>();
  while (open.size > 0) {
    let next: Way | null = null;
    for (const way of open.values()) if (next === null || compareCost(way.cost, next.cost) < 0) next = way;
    if (next === null) return null;
    const key = keyOf(next.state);
    if (isReached(next.state, goal, goalAt)) return next;
    open.delete(key);
    closed.add(key);
    for (const { action, state } of actionsFrom(next.state, goal, goalAt, start)) {
      const reached = keyOf(state);
      if (closed.has(reached)) continue;
      const cost = plus(next.cost, action);
      const known = open.get(reached);
      if (!known || compareCost(cost, known.cost) < 0)
        open.set(reached, { state, cost, actions: [...next.actions, action] });
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
  const preferred = preferredAnchor(from, goal);
  const ways = SIDES.toSorted((a) => (a === preferred ? -1 : 1)).flatMap((anchor) => {
    const feet = goalFeet(from, goal, anchor);
    const way = cheapestWay(startState(from), goal, feet);
    return way ? [{ way, feet }] : [];
  });
  const best = ways.reduce<(typeof ways)[number] | null>(
    (one, other) => (one === null || compareCost(other.way.cost, one.way.cost) < 0 ? other : one),
    null,
  );
  return best && { actions: best.way.actions, halves: best.way.cost[0], feet: best.feet };
}
