import { z } from 'zod';
import { Side } from '../body/side';
import { PartName } from '../movement/parts';
import { Breath } from '../movement/phase';

/**
 * What a stretch of the timeline is.
 * naming, showing: before a movement led as explained. entry, move, exit: its parts. side-change, direction-change: between
 * passes. round-rest: between rounds. settle: after it. rest, talk: lines of their own.
 */
export const SegmentKind = z.enum([
  'naming',
  'showing',
  'entry',
  'move',
  'side-change',
  'direction-change',
  'round-rest',
  'exit',
  'settle',
  'rest',
  'talk',
]);
export type SegmentKind = z.infer<typeof SegmentKind>;

/** One stretch of the class. Times are whole milliseconds from the start; nulls say that a field does not apply. */
export const Segment = z.object({
  kind: SegmentKind,
  startMs: z.number().int(),
  lengthMs: z.number().int(),
  section: z.number().int(),
  itemId: z.string(),
  movementId: z.string().nullable(),
  part: PartName.nullable(),
  /** Which phase of the part, from 0. */
  phase: z.number().int().nullable(),
  round: z.number().int(),
  /** Which pass of the round, from 0. */
  pass: z.number().int().nullable(),
  side: Side.nullable(),
  direction: z.enum(['first', 'reversed']).nullable(),
  /** Which repetition of the pass, from 1. */
  repetition: z.number().int().nullable(),
  /** How many repetitions the pass has. */
  of: z.number().int().nullable(),
  /** Whether a repetition is complete when this segment ends. */
  completes: z.boolean(),
  breath: Breath.nullable(),
  /** Breaths in this segment; null where it goes by the clock. */
  breaths: z.number().nullable(),
  call: z.string(),
});
export type Segment = z.infer<typeof Segment>;

export const Stretch = z.object({ startMs: z.number().int(), lengthMs: z.number().int() });

/** A class laid out in time. Sections follow each other, items follow each other within them, segments within those. */
export const Timeline = z.object({
  totalMs: z.number().int(),
  sections: z.array(Stretch.extend({ kind: z.string() })),
  items: z.array(
    Stretch.extend({ itemId: z.string(), section: z.number().int(), first: z.number().int(), end: z.number().int() }),
  ),
  segments: z.array(Segment),
});
export type Timeline = z.infer<typeof Timeline>;
