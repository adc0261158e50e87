import type { Segment, Timeline } from '../../session/timeline/segment';
import { segmentAt } from '../../session/timeline/segmentAt';
import { goesOnAt, goesTo, talkWaits, withOneMore } from '../standing/openLine';
import { partKey } from '../standing/parts';
import { speedIn } from '../standing/speedIn';
import type { Teaching } from '../standing/teaching';

const added = (record: Record<string, number>, key: string, amount: number): Record<string, number> => ({
  ...record,
  [key]: (record[key] ?? 0) + amount,
});

/**
 * Lets wall time pass, crossing as many segments as it takes, however long the step. A paused class spends the time on the
 * line it stands on, and so does one that stands to welcome somebody. An open line repeats itself at its end, and a talk stands on its
 * last millisecond, until they are ended, or as long as they may be. Advancing by a + b is the same as advancing by a and then by b.
 * @param elapsedMs wall time since the last advance, not negative
 */
export function advance(timeline: Timeline, teaching: Teaching, elapsedMs: number): Teaching {
  if (teaching.finished || elapsedMs <= 0) return teaching;
  const now = { ...teaching };
  let left = elapsedMs;
  let index = segmentAt(timeline, now.planMs);
  /** So much time passes on the line it belongs to. */
  const spend = (segment: Segment, ms: number) => {
    left -= ms;
    now.wallMs += ms;
    now.spent = added(now.spent, segment.itemId, ms);
  };
  const standing = timeline.segments[index];
  if (now.welcomeMs > 0 && !now.paused && standing) {
    const held = Math.min(left, now.welcomeMs);
    now.welcomeMs -= held;
    spend(standing, held);
  }
  while (left > 0) {
    const segment = timeline.segments[index];
    if (!segment) return { ...now, planMs: timeline.totalMs, finished: true };
    if (now.paused) {
      spend(segment, left);
      return now;
    }
    const speed = speedIn(segment, now.tempo);
    const stands = Math.min(left, talkWaits(timeline, now, index));
    if (stands > 0) {
      now.stoodMs += stands;
      now.parts = added(now.parts, partKey(segment), stands);
      spend(segment, stands);
      continue;
    }
    const to = goesTo(segment, now.planMs);
    const wallToEnd = (to - now.planMs) / speed;
    const step = Math.min(left, wallToEnd);
    now.parts = added(now.parts, partKey(segment), step);
    spend(segment, step);
    if (step < wallToEnd) {
      now.planMs += step * speed;
      return now;
    }
    now.planMs = to;
    if (to < segment.startMs + segment.lengthMs) continue;
    if (segment.completes) now.completed = added(now.completed, segment.itemId, 1);
    now.stoodMs = 0;
    now.led = withOneMore(timeline, index, now.led);
    index = goesOnAt(timeline, index, now);
    now.planMs = timeline.segments[index]?.startMs ?? timeline.totalMs;
  }
  return { ...now, finished: now.planMs >= timeline.totalMs };
}
