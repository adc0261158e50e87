import type { Movement } from '../movement/schema/movement';
import { walksBack } from '../session/findings/remedies/walkingBack';
import { driftOf } from '../session/load/driftOf';
import { facingsOf } from '../session/plan/line/facing';
import type { Plan } from '../session/plan/session';
import type { Timeline } from '../session/timeline/segment';

/** Where the class is from its places when a segment begins, metres to the right and to the front. */
export interface Station {
  readonly segment: number;
  readonly itemId: string;
  readonly atMs: number;
  readonly x: number;
  readonly y: number;
}

interface Walked {
  readonly plan: Pick<Plan, 'sections'>;
  readonly timeline: Timeline;
  readonly movements: ReadonlyMap<string, Movement>;
}

/** The way of a class through the hall, where it changes; wherever there is time to walk back it is back in its places. */
export function classTrack({ plan, timeline, movements }: Walked): Station[] {
  const facings = facingsOf(plan);
  let [x, y] = [0, 0];
  const track: Station[] = [{ segment: 0, itemId: timeline.segments[0]?.itemId ?? '', atMs: 0, x, y }];
  timeline.segments.forEach((segment, place) => {
    const at = { segment: place, itemId: segment.itemId, atMs: segment.startMs };
    if ((x !== 0 || y !== 0) && walksBack(segment, Math.hypot(x, y))) {
      [x, y] = [0, 0];
      track.push({ ...at, x, y });
    }
    const movement = movements.get(segment.itemId);
    const by = movement ? driftOf(movement, segment, facings.get(segment.itemId) ?? 0) : { x: 0, y: 0 };
    if (by.x === 0 && by.y === 0) return;
    x += by.x;
    y += by.y;
    track.push({ ...at, x, y });
  });
  return track;
}

/** Where the class is at a moment, milliseconds from its start. */
export function stationAt(track: readonly Station[], atMs: number): Station | null {
  let [low, high] = [0, track.length - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if ((track[middle]?.atMs ?? 0) <= atMs) low = middle;
    else high = middle - 1;
  }
  return track[low] ?? null;
}
