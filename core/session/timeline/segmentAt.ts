import type { Timeline } from './segment';

/**
 * The index of the segment that is running at a time, by binary search; segments of no length are passed over.
 * @param ms from the start of the class; before it answers the first, after the end the last
 * @returns -1 for an empty timeline
 */
export function segmentAt({ segments }: Timeline, ms: number): number {
  let low = 0;
  let high = segments.length - 1;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if ((segments[middle]?.startMs ?? Number.POSITIVE_INFINITY) <= ms) low = middle;
    else high = middle - 1;
  }
  return segments.length === 0 ? -1 : low;
}
