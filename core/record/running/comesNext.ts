import type { Segment, Timeline } from '../../session/timeline/segment';

/** The first segment of the next line that takes any time; null on the last line. */
export function comesNext(timeline: Timeline, index: number): Segment | null {
  const here = timeline.segments[index];
  if (!here) return null;
  return (
    timeline.segments.slice(index + 1).find(({ itemId, lengthMs }) => itemId !== here.itemId && lengthMs > 0) ?? null
  );
}
