import type { Timeline } from '../../session/timeline/segment';
import type { Teaching } from '../standing/teaching';
import { advance } from './advance';
import { passUnled } from './resume';

/** The two clocks of a machine at one instant, milliseconds: the one that only ever goes on, and the one on the wall. */
export interface Clocks {
  readonly monotonic: number;
  readonly wall: number;
}

/** So far two clocks may part between two looks before somebody is asked, milliseconds. */
const MAY_PART = 2000;

/**
 * By how much the wall clock has gone ahead of the other one since they were last looked at, milliseconds: the machine slept, or its
 * clock was set. 0 where they agree to two seconds: a clock that is put right little by little parts from nothing.
 */
export function partedBy(before: Clocks, now: Clocks): number {
  const by = now.wall - before.wall - (now.monotonic - before.monotonic);
  return Math.abs(by) > MAY_PART ? by : 0;
}

/** What the instructor says of the time in between: the class went on, it stood where it was, or only the clock was set. */
export type Meanwhile = 'went-on' | 'stood' | 'clock-set';

/**
 * Takes a class up again after its clocks have parted.
 * @param by how far they parted, milliseconds
 * @param waited how long it has been asked since, milliseconds
 */
export function afterParting(
  timeline: Timeline,
  teaching: Teaching,
  meanwhile: Meanwhile,
  { by, waited }: { readonly by: number; readonly waited: number },
): Teaching {
  const asleep = Math.max(0, by);
  switch (meanwhile) {
    case 'went-on':
      return advance(timeline, teaching, asleep + waited);
    case 'stood':
      return passUnled(timeline, teaching, asleep + waited);
    case 'clock-set':
      return advance(timeline, teaching, waited);
  }
}
