import { lineTimes, segmentsOf } from '../timeline/lineTimes';
import type { Segment, SegmentKind, Timeline } from '../timeline/segment';

/** One reason for an item's minutes: what, how often, how many breaths, and how long altogether. */
export interface MinutesPart {
  readonly kind: SegmentKind;
  readonly side: Segment['side'];
  readonly direction: Segment['direction'];
  readonly times: number;
  /** Breaths altogether; null where it goes by the clock. */
  readonly breaths: number | null;
  readonly ms: number;
}

/**
 * The parts an item's minutes are made of, in the order they first occur. They sum exactly to the item's length.
 * Repetitions are gathered per pass; `times` counts repetitions for moving parts and occurrences otherwise. `side` is null
 * where a pass uses both.
 */
export function explainItem(timeline: Timeline, itemId: string): MinutesPart[] {
  const line = lineTimes(timeline).get(itemId);
  if (!line) return [];
  const parts = new Map<string, MinutesPart>();
  for (const segment of segmentsOf(timeline, line)) {
    const { kind, lengthMs, completes, breaths } = segment;
    const split = kind === 'move';
    const key = split ? `${kind} ${segment.pass}` : kind;
    const before = parts.get(key);
    const counted = split ? Number(completes) : Number(segment.phase === null || segment.phase === 0);
    parts.set(key, {
      kind,
      side: split && (before === undefined || before.side === segment.side) ? segment.side : null,
      direction: split ? segment.direction : null,
      times: (before?.times ?? 0) + counted,
      breaths: breaths === null ? (before?.breaths ?? null) : (before?.breaths ?? 0) + breaths,
      ms: (before?.ms ?? 0) + lengthMs,
    });
  }
  return [...parts.values()];
}
