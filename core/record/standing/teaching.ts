import { z } from 'zod';
import { Slug } from '../../words/ids';

/** A line, and when in the class by the room's clock: milliseconds since it began. */
export const Moment = z.object({ itemId: z.string(), atMs: z.number().int().min(0) });

/**
 * Where a class being taught stands. Plan time is a place on the timeline; wall time is what the room's clock measures.
 * All times in milliseconds.
 */
export const Teaching = z.object({
  /** The place in the plan. */
  planMs: z.number(),
  /** Wall time since teaching began, pauses included. */
  wallMs: z.number(),
  paused: z.boolean(),
  finished: z.boolean(),
  /** Breath speed against the plan: 1 as planned, 0.9 slower. Only what goes by breath is stretched. */
  tempo: z.number().min(0.5).max(2),
  /** Wall time spent on each line, pauses included. */
  spent: z.record(z.string(), z.number()),
  /** Wall time spent on each part of a line, and the parts that a person ended; by line and kind. */
  parts: z.record(z.string(), z.number()).default({}),
  touched: z.array(z.string()).default([]),
  /** Repetitions completed on each line. */
  completed: z.record(z.string(), z.number()),
  /** How long the class may last; null where that is not known. */
  mayLastMs: z.number().nullable().default(null),
  /** Repetitions led in each pass of an open line; by line, round and pass. */
  led: z.record(z.string(), z.number()).default({}),
  /** Wall time for which a talk has waited after its time to be ended. */
  stoodMs: z.number().min(0).default(0),
  /** How many have come for the first time, without a name. */
  walkIns: z.number().int().min(0).default(0),
  /** Who was marked as being there, of those who belong to the group. */
  present: z.array(Slug).default([]),
  /** Wall time for which the plan still stands, to welcome somebody. */
  welcomeMs: z.number().min(0).default(0),
  /** Where something was marked, to be sorted afterwards; and where the class was stopped. */
  marks: z.array(Moment).max(200).default([]),
  stops: z.array(Moment).max(50).default([]),
});
export type Teaching = z.infer<typeof Teaching>;

/**
 * A class about to begin.
 * @param mayLastMs how long it may last: what waits to be ended waits no longer than that allows
 */
export const beginTeaching = (mayLastMs: number | null = null): Teaching => ({
  planMs: 0,
  wallMs: 0,
  paused: false,
  finished: false,
  tempo: 1,
  spent: {},
  parts: {},
  touched: [],
  completed: {},
  mayLastMs,
  led: {},
  stoodMs: 0,
  walkIns: 0,
  present: [],
  welcomeMs: 0,
  marks: [],
  stops: [],
});
