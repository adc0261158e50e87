import type { Segment } from '../../timeline/segment';
import type { AnalysedClass } from './finding';

/** Of each line the longest segment of some kind. */
export function longestOf(
  { timeline }: Pick<AnalysedClass, 'timeline'>,
  wanted: (segment: Segment) => boolean,
): Segment[] {
  const found = new Map<string, Segment>();
  for (const segment of timeline.segments) {
    if (!wanted(segment)) continue;
    if (segment.lengthMs > (found.get(segment.itemId)?.lengthMs ?? -1)) found.set(segment.itemId, segment);
  }
  return [...found.values()];
}
