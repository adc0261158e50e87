import type { Segment, Timeline } from '../../session/timeline/segment';
import { segmentAt } from '../../session/timeline/segmentAt';
import { partKey } from './parts';
import type { Teaching } from './teaching';

/** How fast plan time runs in a segment: breath-driven ones follow the tempo, clock-driven ones do not. */
export const speedIn = (segment: Segment, tempo: number): number => (segment.breaths === null ? 1 : tempo);

const added = (record: Record<string, number>, key: string, amount: number): Record<string, number> => ({
  ...record,
  [key]: (record[key] ?? 0) + amount,
});

/**
 * Lets wall time pass, crossing as many segments as it takes, however long the step. A paused class spends the time on the
 * line it stands on, and so does one that stands to welcome somebody. Advancing by a + b is the same as advancing by a and then by b.
 * @param elapsedMs wall time since the last advance, not negative
 */
export function advance(timeline: Timeline, teaching: Teaching, elapsedMs: number): Teaching {
  if (teaching.finished || elapsedMs <= 0) return teaching;
  let { planMs, wallMs, spent, parts, completed } = teaching;
  let left = elapsedMs;
  let index = segmentAt(timeline, planMs);
  let { welcomeMs } = teaching;
  const standing = timeline.segments[index];
  if (welcomeMs > 0 && !teaching.paused && standing) {
    const held = Math.min(left, welcomeMs);
    [welcomeMs, left, wallMs] = [welcomeMs - held, left - held, wallMs + held];
    spent = added(spent, standing.itemId, held);
    if (left === 0) return { ...teaching, welcomeMs, wallMs, spent };
  }
  while (left > 0) {
    const segment = timeline.segments[index];
    if (!segment)
      return { ...teaching, planMs: timeline.totalMs, wallMs, spent, parts, completed, welcomeMs, finished: true };
    if (teaching.paused) {
      return { ...teaching, wallMs: wallMs + left, spent: added(spent, segment.itemId, left) };
    }
    const speed = speedIn(segment, teaching.tempo);
    const end = segment.startMs + segment.lengthMs;
    const wallToEnd = (end - planMs) / speed;
    const step = Math.min(left, wallToEnd);
    wallMs += step;
    left -= step;
    spent = added(spent, segment.itemId, step);
    parts = added(parts, partKey(segment), step);
    if (step < wallToEnd)
      return { ...teaching, planMs: planMs + step * speed, wallMs, spent, parts, completed, welcomeMs };
    planMs = end;
    if (segment.completes) completed = added(completed, segment.itemId, 1);
    index += 1;
  }
  return { ...teaching, planMs, wallMs, spent, parts, completed, welcomeMs, finished: planMs >= timeline.totalMs };
}
