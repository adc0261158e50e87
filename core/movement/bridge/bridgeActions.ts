import { wrapAngle } from '../../body/geometry/wrapAngle';
import type { Pose } from '../../body/standing/pose';
import { isSeated } from '../../body/written/load';
import { otherSide, SIDES, type Side } from '../../body/written/side';
import type { Feet, FootPlace } from '../../body/written/stance';
import { FOOTWORK_LIMITS as LIMITS } from '../footwork/footworkLimits';
import { LIFTABLE } from '../walk/liftWindow';
import { type BridgeState, besideOther, flatFoot, type Spot, sameFoot, turnedFeet } from './bridgeState';

/** One thing the feet do on the way. */
export interface BridgeAction {
  readonly kind: 'shift' | 'step' | 'close' | 'turn' | 'sit' | 'stand';
  /** The foot that acts; for a shift the one the weight goes to, null for the middle and for sitting. */
  readonly foot: Side | null;
  readonly halves: number;
  /** Degrees turned on a weighted foot. */
  readonly turned: number;
  readonly travel: number;
  /** Where feet and weight are afterwards. */
  readonly feet: Feet;
  readonly load: Pose['load'];
  /** Breaks ties: reads the same for a way and its mirror image. */
  readonly order: string;
}

/** Breath halves an action takes. Conventions. */
const HALVES = { shift: 1, step: 1, close: 1, turn: 0.5, sit: 2, stand: 2 } as const;
/** A foot put down this close to the other, metres, closes the stance. */
const CLOSE = 0.16;
/** Feet are never put down closer than this, metres: they would stand on each other. */
const APART = 0.09;
/** The longest step a bridge takes, metres from the standing foot: beyond it the way goes by way of beside. */
const LONGEST = 0.85;

const isOff = ({ contact }: FootPlace): boolean => contact === 'off';
const gap = (a: FootPlace, b: FootPlace): number => Math.sqrt((a.x - b.x) ** 2 + (a.y - b.y) ** 2);

interface Next {
  readonly action: BridgeAction;
  readonly state: BridgeState;
}

/** What a way is looked for between: the same for all its states, and worked out once. */
export interface Crossing {
  readonly start: BridgeState;
  readonly goal: Pose;
  /** The goal's feet in the room. */
  readonly goalAt: Feet;
  /** The feet as they began, turned as the goal wants them. */
  readonly turnedAt: Feet;
  /** How weight may be shared on the way. */
  readonly loads: readonly Pose['load'][];
  /** The side that ties are read from. */
  readonly lead: Side;
}

function leadOf(start: Pose['load'], goal: Pose['load']): Side {
  const deciding = start.left === start.right ? goal : start;
  return deciding.left > deciding.right ? 'left' : 'right';
}

export function crossingTo(start: BridgeState, goal: Pose, goalAt: Feet): Crossing {
  const standing = [start.load, goal.load].filter(({ seat }) => seat === 0);
  const whole = [
    { left: 100, right: 0, seat: 0 },
    { left: 50, right: 50, seat: 0 },
    { left: 0, right: 100, seat: 0 },
  ];
  return {
    start,
    goal,
    goalAt,
    turnedAt: turnedFeet(start, goalAt),
    loads: [...whole, ...standing],
    lead: leadOf(start.load, goal.load),
  };
}

function footAt(spot: Spot, side: Side, other: FootPlace, { start, goalAt, turnedAt }: Crossing): FootPlace {
  switch (spot) {
    case 'start':
      return start.feet[side];
    case 'start-flat':
      return flatFoot(start.feet[side]);
    case 'start-turned':
      return turnedAt[side];
    case 'goal':
      return goalAt[side];
    case 'beside':
      return besideOther(side, other, goalAt);
  }
}

/**
 * A state with its weight shifted: a foot that comes to bear most of it is put flat first. Null where it cannot be, because it already
 * stands as the goal wants it, on its ball or heel.
 */
function shiftedTo(state: BridgeState, load: Pose['load'], goal: Pose): BridgeState | null {
  let { feet, spots } = state;
  for (const side of SIDES) {
    const foot = feet[side];
    if (load[side] <= LIMITS.notFlat || foot.contact === 'sole') continue;
    if (spots[side] !== 'start') {
      if (load.left === goal.load.left) continue;
      return null;
    }
    feet = { ...feet, [side]: flatFoot(foot) };
    spots = { ...spots, [side]: 'start-flat' };
  }
  return { ...state, feet, spots, load };
}

/** Every action the rules allow from a state, with where it leads. */
export function actionsFrom(state: BridgeState, crossing: Crossing): Next[] {
  const { goal, goalAt, lead, loads } = crossing;
  const next: Next[] = [];
  const named = (side: Side | null): string => (side === null ? 'm' : side === lead ? 'a' : 'b');
  const add = (kind: BridgeAction['kind'], foot: Side | null, state2: BridgeState, turned: number, travel: number) => {
    const action = {
      kind,
      foot,
      halves: HALVES[kind],
      turned,
      travel,
      feet: state2.feet,
      load: state2.load,
      order: kind[0] + named(foot),
    };
    next.push({ action, state: state2 });
  };

  if (isSeated(state.load)) {
    if (!isSeated(goal.load)) add('stand', null, { ...state, load: { left: 50, right: 50, seat: 0 } }, 0, 0);
    return next;
  }
  if (isSeated(goal.load) && SIDES.every((side) => sameFoot(state.feet[side], goalAt[side])))
    add('sit', null, { ...state, load: goal.load }, 0, 0);

  for (const load of loads) {
    if (load.left === state.load.left) continue;
    // Weight goes only to feet that stand.
    if ((load.left > 0 && isOff(state.feet.left)) || (load.right > 0 && isOff(state.feet.right))) continue;
    const to = load.left === load.right ? null : load.left > state.load.left ? 'left' : 'right';
    const shifted = shiftedTo(state, load, goal);
    if (shifted) add('shift', to, shifted, 0, 0);
  }

  for (const side of SIDES) {
    const other = state.feet[otherSide(side)];
    const now = state.feet[side];
    for (const spot of ['start-turned', 'goal', 'beside'] as const satisfies Spot[]) {
      if (spot === state.spots[side]) continue;
      const then = footAt(spot, side, other, crossing);
      if (sameFoot(now, then)) continue;
      const feet = side === 'left' ? { left: then, right: other } : { left: other, right: then };
      const spots =
        side === 'left' ? { left: spot, right: state.spots.right } : { left: state.spots.left, right: spot };
      const moved = { spots, feet, load: state.load };
      const inPlace = gap(now, then) < 0.004;
      const angle = Math.abs(wrapAngle(then.angle - now.angle));
      const load = state.load[side];
      if (inPlace && now.contact !== 'off' && then.contact !== 'off') {
        const weighted = load > LIMITS.weightedPivot;
        if (!weighted || angle <= LIMITS.kneeTwist) add('turn', side, moved, weighted ? angle : 0, 0);
        continue;
      }
      if (load > LIFTABLE || isOff(other)) continue;
      const apart = gap(then, other);
      if (apart < APART || apart > LONGEST) continue;
      add(apart < CLOSE ? 'close' : 'step', side, moved, 0, gap(now, then));
    }
  }
  return next;
}
