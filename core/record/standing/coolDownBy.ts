import type { Timeline } from '../../session/timeline/segment';
import { remainingMs } from './remaining';
import type { Teaching } from './teaching';

/** The cool-down of a class that is being taught. Milliseconds of wall time from its beginning. */
export interface CoolDownBy {
  /** By when it must begin to be whole when the class ends in time. */
  readonly byMs: number;
  /** When it begins as things stand. */
  readonly expectedMs: number;
  /** It begins to be in danger: in two of ten such classes it would begin too late. */
  readonly inDanger: boolean;
}

/** In two of ten a class lasts so much longer than it was planned: the spread it shares (0.08) at eight in ten (0.84). */
const TWO_IN_TEN = 0.067;

/**
 * By when the cool-down must begin, and whether it will. Null once it has begun, and where there is none.
 * @param availableMs how long the class may last
 */
export function coolDownBy(timeline: Timeline, teaching: Teaching, availableMs: number): CoolDownBy | null {
  const place = timeline.sections.findIndex(({ kind, lengthMs }) => kind === 'cool-down' && lengthMs > 0);
  const coolDown = timeline.sections[place];
  if (!coolDown || teaching.planMs >= coolDown.startMs) return null;
  const needed = remainingMs(timeline, { ...teaching, planMs: coolDown.startMs, welcomeMs: 0 });
  const until = remainingMs(timeline, teaching) - needed;
  const byMs = availableMs - needed;
  const expectedMs = teaching.wallMs + until;
  return { byMs, expectedMs, inDanger: expectedMs + until * TWO_IN_TEN > byMs };
}

/**
 * Milliseconds that are to be kept free before a cool-down that is in danger, so that it is not; 0 where it is not in danger, has
 * begun, or there is none.
 */
export function keptForCoolDownMs(timeline: Timeline, teaching: Teaching, availableMs: number): number {
  const by = coolDownBy(timeline, teaching, availableMs);
  return by?.inDanger ? Math.ceil((by.expectedMs - teaching.wallMs) * TWO_IN_TEN) : 0;
}

/**
 * How long a class may still stand before its cool-down is in danger, or, where that has begun, before it ends late, milliseconds; below
 * 0 where it is already. Without an end there is all the time in the world.
 */
export function spareMs(timeline: Timeline, teaching: Teaching): number {
  const { mayLastMs } = teaching;
  if (mayLastMs === null) return Number.POSITIVE_INFINITY;
  const by = coolDownBy(timeline, teaching, mayLastMs);
  if (!by) return mayLastMs - teaching.wallMs - remainingMs(timeline, teaching);
  return by.byMs - by.expectedMs - (by.expectedMs - teaching.wallMs) * TWO_IN_TEN;
}
