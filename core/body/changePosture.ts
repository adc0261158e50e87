import type { Posture, PostureChange } from './posture';
import { STANCES } from './stance';

/**
 * The posture after a change. An even stance drops the side it may have inherited.
 * `changePosture(parallel, { sink: 30 })` is the same posture with knees bent 30 degrees.
 */
export function changePosture(posture: Posture, change: PostureChange): Posture {
  const given = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined));
  const next: Posture = { ...posture, ...given };
  return STANCES[next.stance].sideNames === null ? { ...next, side: null } : next;
}
