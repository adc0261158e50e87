import { rememberFor } from '../../remember/rememberFor';
import type { LineStretch, Segment, Timeline } from './segment';

/** A line of a class with all the times it comes round. */
export interface LineTime {
  readonly itemId: string;
  readonly section: number;
  /** When it first begins. */
  readonly startMs: number;
  /** How long it lasts altogether. */
  readonly lengthMs: number;
  readonly occurrences: readonly LineStretch[];
}

/** The lines of a class in the order in which they first come, each once however often its block has it come round. */
export const lineTimes = rememberFor((timeline: Timeline): ReadonlyMap<string, LineTime> => {
  const lines = new Map<string, LineTime>();
  for (const occurrence of timeline.items) {
    const { itemId, section, startMs, lengthMs } = occurrence;
    const before = lines.get(itemId);
    lines.set(itemId, {
      itemId,
      section,
      startMs: before?.startMs ?? startMs,
      lengthMs: (before?.lengthMs ?? 0) + lengthMs,
      occurrences: [...(before?.occurrences ?? []), occurrence],
    });
  }
  return lines;
});

/** Everything that a line is made of, in the order of the class. */
export const segmentsOf = (timeline: Timeline, { occurrences }: LineTime): Segment[] =>
  occurrences.flatMap(({ first, end }) => timeline.segments.slice(first, end));
