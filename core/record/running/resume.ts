import dayjs from 'dayjs';
import { isSamePlan } from '../../session/edit/planOf';
import type { Plan } from '../../session/plan/session';
import type { Timeline } from '../../session/timeline/segment';
import type { Teaching } from '../standing/teaching';
import { advance } from './advance';

/** A class that was left this long ago is not simply gone on with, milliseconds. Convention. */
const RECENT = 15 * 60_000;

/**
 * Whether a class in hand is gone on with by itself: it was left only a moment ago, and its plan is still the same. Otherwise its
 * instructor is asked.
 * @param seenAt when it was last written down, and `now`, milliseconds since 1970
 * @param current the plan as it is now; null where that cannot be known
 */
export const goesOnByItself = (
  { plan, seenAt }: { readonly plan: Plan; readonly seenAt: number },
  now: number,
  current: Plan | null,
): boolean => now - seenAt < RECENT && now >= seenAt && (current === null || isSamePlan(plan, current));

/**
 * Lets wall time pass in which nobody led: the page was being loaded. The class stands where it stood, on the same breath, and
 * the time is spent on the line it stands on.
 */
export function passUnled(timeline: Timeline, teaching: Teaching, elapsedMs: number): Teaching {
  const { paused } = teaching;
  return { ...advance(timeline, { ...teaching, paused: true }, elapsedMs), paused };
}

/** Somebody who comes back within so long comes back to the same evening: the class has stood meanwhile, milliseconds. Convention. */
const SAME_EVENING = 3 * 3_600_000;

/** A class in hand: where it stands, when it began by the wall clock, and when it was last written down. */
interface InHand {
  readonly teaching: Teaching;
  /** ISO 8601 with its offset. */
  readonly startedAt: string;
  /** Milliseconds since 1970. */
  readonly seenAt: number;
}

/**
 * Takes a class up again that was left. On the same evening the time in between was spent on the line it stood on; later it goes on
 * as if it had begun so much earlier as was taught of it, so that its clock is right.
 * @param now milliseconds since 1970
 */
export function takeUp<Kept extends InHand>(timeline: Timeline, kept: Kept, now: number): Kept {
  const away = now - kept.seenAt;
  if (away < 0 || away >= SAME_EVENING) return { ...kept, startedAt: dayjs(now - kept.teaching.wallMs).toISOString() };
  return { ...kept, teaching: passUnled(timeline, kept.teaching, away) };
}
