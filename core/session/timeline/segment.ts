import { z } from 'zod';
import { Side } from '../../body/written/side';
import { PartName } from '../../movement/schema/parts';
import { Breath } from '../../movement/schema/phase';

/**
 * What a stretch of the timeline is.
 * naming: before a movement that is named or explained; showing: before one that is explained. last-word: after one that is named. bridge: the steps from where the line before ended. entry, move, exit: its parts. side-change, direction-change: between
 * passes. round-rest: between rounds. settle: after it. rest, talk, clock: lines of their own.
 */
export const SegmentKind = z.enum([
  'naming',
  'showing',
  'bridge',
  'entry',
  'move',
  'side-change',
  'direction-change',
  'round-rest',
  'exit',
  'last-word',
  'settle',
  'rest',
  'talk',
  'clock',
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
  /** Which round of the line, from 1, those that its block goes through counted in. */
  round: z.number().int(),
  /** Degrees of knee bend lower than the line is written. */
  lower: z.number(),
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

/**
 * The steps into a line: `flowing` where it goes straight on from the line before, `free` where the class has stood or looked,
 * `by-hand` where the instructor has said how, `missing` where no sound way is known. `lengthMs` is what they add: what the line
 * takes in as it begins adds nothing.
 */
export const ScheduledBridge = z.object({
  led: z.enum(['flowing', 'free', 'by-hand', 'missing']),
  halves: z.number(),
  call: z.string(),
  lengthMs: z.number().int(),
});
export type ScheduledBridge = z.infer<typeof ScheduledBridge>;

/**
 * How a line waits to be ended: an open count for so many repetitions more in each pass, and as many less as it may be ended before;
 * a talk for so long after its time. It goes on by itself after that.
 */
export const Waits = z.discriminatedUnion('for', [
  z.object({ for: z.literal('count'), less: z.number().int(), more: z.number().int() }),
  z.object({ for: z.literal('talk'), ms: z.number().int() }),
]);
export type Waits = z.infer<typeof Waits>;

/** One time that a line comes round. `first` and `end` are the places of its segments. */
export const LineStretch = Stretch.extend({
  itemId: z.string(),
  section: z.number().int(),
  first: z.number().int(),
  end: z.number().int(),
  /** Null where nothing has to be done to begin. */
  bridge: ScheduledBridge.nullable(),
  /** Null where it ends by itself when its time is over. */
  waits: Waits.nullable(),
});
export type LineStretch = z.infer<typeof LineStretch>;

/** A class laid out in time. Sections follow each other, items follow each other within them, segments within those. */
export const Timeline = z.object({
  totalMs: z.number().int(),
  sections: z.array(Stretch.extend({ kind: z.string() })),
  /** A line of a block stands here as often as it comes round. */
  items: z.array(LineStretch),
  segments: z.array(Segment),
});
export type Timeline = z.infer<typeof Timeline>;
