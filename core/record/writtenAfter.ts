import type { FindMovement } from '../movement/schema/movement';
import type { Session } from '../session/plan/session';
import { lineTimes, segmentsOf } from '../session/timeline/lineTimes';
import type { Timeline } from '../session/timeline/segment';
import { type LoggedItem, loggedItems } from './classLog';
import { partKey } from './standing/parts';
import { beginTeaching } from './standing/teaching';

/**
 * The lines of a class that was taught without anything that counted, written down afterwards: everything as planned but what was left
 * out, over the time it took in all. Each line has its share of that time, and none teaches how long it takes: it is assumed.
 * @param tookMs from its beginning to its end by the clock, milliseconds
 */
export function itemsWrittenAfter(
  plan: Session,
  timeline: Timeline,
  find: FindMovement,
  { leftOut, tookMs }: { readonly leftOut: ReadonlySet<string>; readonly tookMs: number },
): LoggedItem[] {
  const lines = [...lineTimes(timeline).values()].filter(({ itemId }) => !leftOut.has(itemId));
  const planned = lines.reduce((sum, { lengthMs }) => sum + lengthMs, 0);
  const share = planned === 0 ? 0 : tookMs / planned;
  const teaching = { ...beginTeaching(), spent: {} as Record<string, number>, parts: {} as Record<string, number> };
  const completed: Record<string, number> = {};
  // Each boundary is rounded, so that the lines sum to the whole.
  let [before, after] = [0, 0];
  for (const line of lines) {
    after = before + line.lengthMs;
    teaching.spent[line.itemId] = Math.round(after * share) - Math.round(before * share);
    before = after;
    const segments = segmentsOf(timeline, line);
    completed[line.itemId] = segments.filter((segment) => segment.completes).length;
    for (const segment of segments) {
      const key = partKey(segment);
      teaching.parts[key] = (teaching.parts[key] ?? 0) + segment.lengthMs * share;
    }
  }
  return loggedItems(plan, timeline, { ...teaching, completed, wallMs: tookMs, finished: true }, find);
}
