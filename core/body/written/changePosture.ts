import type { Posture, PostureChange } from './posture';
import { SIDES, type Side } from './side';
import { STANCES } from './stance';

type Changes<Thing> = { [Name in keyof Thing]?: Thing[Name] | undefined };

/** What is given, laid over what was there; what is left out or undefined stays. */
function changedBy<Thing extends object>(before: Thing, change: Changes<Thing> | undefined): Thing {
  if (change === undefined) return before;
  const next = { ...before };
  for (const name of Object.keys(change) as (keyof Thing)[]) {
    const value = change[name];
    if (value !== undefined) next[name] = value;
  }
  return next;
}

/** Adjustments of both sides, laid over the ones before. */
function adjusted<Thing extends object>(before: Changes<Record<Side, Thing>>, change: Changes<Record<Side, Thing>>) {
  const next = { ...before };
  for (const side of SIDES) {
    const one = change[side];
    if (one) next[side] = changedBy(before[side] ?? ({} as Thing), one);
  }
  return next;
}

/**
 * The posture after a change. An even stance drops the side it may have inherited; a stance or arm shape named again drops
 * what had been adjusted in the feet or hands.
 * `changePosture(parallel, { sink: 30 })` is the same posture with knees bent 30 degrees.
 */
export function changePosture(posture: Posture, change: PostureChange): Posture {
  const { spine, head, hips, shoulders, feet, hands, ...simple } = change;
  const next: Posture = {
    ...changedBy(posture, simple),
    spine: changedBy(posture.spine, spine),
    head: changedBy(posture.head, head),
    hips: changedBy(posture.hips, hips),
    shoulders: changedBy(posture.shoulders, shoulders),
    feet:
      change.stance === undefined && !feet
        ? posture.feet
        : adjusted(change.stance === undefined ? posture.feet : {}, feet ?? {}),
    hands:
      change.arms === undefined && !hands
        ? posture.hands
        : adjusted(change.arms === undefined ? posture.hands : {}, hands ?? {}),
  };
  return STANCES[next.stance].sideNames === null ? { ...next, side: null } : next;
}
