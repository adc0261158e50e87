import type { Pose } from '../../body/standing/pose';
import { bridgeCall } from '../../movement/bridge/bridgeWords';
import type { Pass } from '../../movement/schema/pass';
import { betweenSides } from '../../movement/walk/cachedWalk';
import { DIRECTION_CHANGE, SIDE_CHANGE } from '../../timing/timingConstants';
import { bridgeInto } from './bridgeInto';
import type { LineInTime, PlaceInLine } from './lineInTime';
import { feetSeconds, type Into } from './linkSeconds';
import type { StepsInto } from './scheduleBridge';

/** How long it takes to go over to the other side, and what is said meanwhile. */
export interface SideChange {
  readonly seconds: number;
  readonly call: string;
}

/**
 * Changing sides within a movement: the steps from where it ends on one to where it begins on the other, taken freely, or as
 * long as it takes to set up the arms where the feet stand already.
 */
export function sideChange(ends: Pose, begins: Pose, into?: Into): SideChange {
  const way = bridgeInto(ends, begins);
  if (way === 'none' || way === 'missing') return { seconds: SIDE_CHANGE, call: 'Other side' };
  const feet = feetSeconds(way.actions, ends.load, into);
  return { seconds: Math.max(SIDE_CHANGE, feet), call: `Other side. ${bridgeCall(way)}` };
}

/** Taking a chain on its other side: said while the steps into its first line are taken freely. */
export function chainChange(steps: StepsInto): SideChange {
  const call = 'All of it on the other side';
  if (!steps || steps.call === '' || steps.phases.length > 0) return { seconds: SIDE_CHANGE, call };
  return { seconds: Math.max(SIDE_CHANGE, steps.feet), call: `${call}. ${steps.call}` };
}

/**
 * Writes what stands between two passes of a movement: nothing where both are alike; a word where only the direction turns round;
 * the movement's own phases between sides where it has some; the steps to the other side otherwise.
 * @param place of the pass that begins
 */
export function scheduleChange(line: LineInTime, from: Pass, to: Pass, place: PlaceInLine): void {
  if (from.side === to.side && from.direction === to.direction) return;
  // It is made on the side being left, so that authored phases between sides start where the feet are.
  const leaving = { ...place, side: line.sidesOf(from, 1)[0] };
  if (from.side === to.side) line.addStretch('direction-change', DIRECTION_CHANGE, 'Other way', leaving);
  else if (line.movement.parts.between) line.addPart('side-change', 'between', leaving);
  else {
    const [begun] = line.sidesOf(to, 1);
    const between = betweenSides(line.movementIn(place.round), to.direction, leaving.side, begun);
    const { seconds, call } = between
      ? sideChange(between.ends, between.begins, {
          movement: line.movement,
          part: 'cycle',
          side: begun,
          direction: to.direction,
        })
      : { seconds: SIDE_CHANGE, call: 'Other side' };
    line.addStretch('side-change', seconds, call, leaving);
  }
}
