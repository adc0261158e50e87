import type { Segment, Timeline } from '../../session/timeline/segment';
import { segmentAt } from '../../session/timeline/segmentAt';
import { speedIn } from '../standing/speedIn';
import type { Teaching } from '../standing/teaching';

/** What a class is doing at one instant, for whoever shows it. */
export interface Moment {
  readonly segment: Segment;
  readonly index: number;
  /** How far through the segment, 0 to 1. */
  readonly progress: number;
  /** How full the breath is, 0 empty to 1 full; rests at a half where nothing is counted. */
  readonly fullness: number;
  /** Breaths per minute as they are being led; null where it goes by the clock. */
  readonly pace: number | null;
  /** Repetitions still to complete in this pass, the one in hand included; null outside repetitions. */
  readonly left: number | null;
  /** Wall time left in the segment, milliseconds. */
  readonly segmentLeftMs: number;
  /** Behind (positive) or ahead of the plan, milliseconds. */
  readonly behindMs: number;
}

/** A swell from 0 to 1 that starts and ends at rest. */
const ease = (u: number): number => 3 * u ** 2 - 2 * u ** 3;

/** Where in its breath half a span begins and ends: spans of one half that follow each other share it. */
function halfProgress(timeline: Timeline, index: number, progress: number): number {
  const segment = timeline.segments[index] as Segment;
  const sameHalf = (other: Segment | undefined): other is Segment =>
    other !== undefined &&
    other.kind === 'move' &&
    other.itemId === segment.itemId &&
    other.breath === segment.breath &&
    other.pass === segment.pass &&
    other.repetition === segment.repetition;
  let before = 0;
  let after = 0;
  for (let i = index - 1; sameHalf(timeline.segments[i]); i -= 1) before += timeline.segments[i]?.lengthMs ?? 0;
  for (let i = index + 1; sameHalf(timeline.segments[i]); i += 1) after += timeline.segments[i]?.lengthMs ?? 0;
  const whole = before + segment.lengthMs + after;
  return whole === 0 ? progress : (before + progress * segment.lengthMs) / whole;
}

function fullnessAt(timeline: Timeline, index: number, progress: number): number {
  const segment = timeline.segments[index] as Segment;
  switch (segment.breath) {
    case 'in':
      return ease(halfProgress(timeline, index, progress));
    case 'out':
      return 1 - ease(halfProgress(timeline, index, progress));
    case 'retained-full':
      return 1;
    case 'retained-empty':
      return 0;
    case 'natural': {
      if (segment.breaths === null) return 0.5;
      const within = (segment.breaths * progress) % 1;
      return within < 0.5 ? ease(within * 2) : 1 - ease(within * 2 - 1);
    }
    case null:
      return 0.5;
  }
}

/** The moment a class has reached; null for an empty timeline. */
export function momentOf(timeline: Timeline, teaching: Teaching): Moment | null {
  const index = segmentAt(timeline, teaching.planMs);
  const segment = timeline.segments[index];
  if (!segment) return null;
  const progress = segment.lengthMs === 0 ? 1 : Math.min(1, (teaching.planMs - segment.startMs) / segment.lengthMs);
  const speed = speedIn(segment, teaching.tempo);
  const { repetition, of, breaths, lengthMs } = segment;
  return {
    segment,
    index,
    progress,
    fullness: fullnessAt(timeline, index, progress),
    pace: breaths === null || lengthMs === 0 ? null : (breaths / (lengthMs / 60_000)) * speed,
    left: repetition === null || of === null ? null : of - repetition + 1,
    segmentLeftMs: ((1 - progress) * lengthMs) / speed,
    behindMs: teaching.wallMs - teaching.planMs,
  };
}
