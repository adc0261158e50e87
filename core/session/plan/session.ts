import { z } from 'zod';
import { OwnSchools, Schools, USUAL_SCHOOLS } from '../../movement/adapt/schools';
import { Role } from '../../movement/schema/movement';
import { Ramp } from '../../movement/schema/ramp';
import { Pace } from '../../timing/pace';
import { CalendarDay } from '../../words/calendarDay';
import { LineId, MovementId, Slug } from '../../words/ids';
import { Block, blockFaults, InRounds } from './block';
import { Depth } from './line/depth';
import { LedBy } from './line/ledBy';
import { BY_COUNT, LineEnds, LineRange } from './line/lineEnds';
import { LINE_WORDS, Script } from './line/lineWords';
import { SetAside } from './setAside';
import { SettleRoutine } from './settleRoutine';
import { classMinutes, Doors, NO_DOORS } from './slotTime';
import { Takes } from './takes';

/**
 * How an item is led: named and shown first; named, then said while it is done the first time, with a word at the end; said while
 * moving; or only moved.
 */
export const Manner = z.enum(['explained', 'named', 'follow-along', 'quiet']);
export type Manner = z.infer<typeof Manner>;

/** What happens after a movement before the next one. */
export const Settle = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('none') }),
  z.object({ kind: z.literal('still'), seconds: z.number().min(1).max(600) }),
]);
export type Settle = z.infer<typeof Settle>;

/** What of a course a line comes from: which thread, what it is there for, and which of its steps, from 1; 0 where none. */
export const LineOrigin = z.object({
  thread: LineId,
  role: z.enum(['introduce', 'again', 'review', 'run']),
  step: z.number().int().min(0).max(60),
});
export type LineOrigin = z.infer<typeof LineOrigin>;

/** What every line has. */
const Placed = z.object({
  id: LineId,
  /** The block it stands in; null for a line by itself. */
  block: LineId.nullable().default(null),
  inRounds: InRounds.default('every'),
  note: z.string().max(400).default(''),
  /** What is read out while it lasts; empty where nothing is. */
  script: Script.default(''),
  /** Where it comes from in its course's plan; null for a line of its own. */
  origin: LineOrigin.nullable().default(null),
  /** Whether the breath or the clock leads it; null or absent, as its section says. */
  ledBy: LedBy.nullish(),
});

/** Steps into a line that the instructor gives by hand: how many breath halves they take, and what is said. */
export const HandBridge = z.object({ halves: z.number().int().min(0).max(12), call: z.string().max(120).default('') });
export type HandBridge = z.infer<typeof HandBridge>;

/** A movement in the running order. `count` is per side and per direction, in the movement's own unit. */
export const MovementItem = Placed.extend({
  kind: z.literal('movement'),
  movementId: MovementId,
  count: z.number().positive().max(3600),
  rounds: z.number().int().min(1).max(20).default(1),
  /** Rest between rounds, in seconds. */
  roundRest: z.number().min(0).max(600).default(0),
  sides: z.enum(['usual', 'left-first', 'right-first', 'left-only', 'right-only']).default('usual'),
  directions: z.enum(['usual', 'one']).default('usual'),
  manner: Manner,
  /** What ends it, and between how many and how many it is done; null where the count is the count. */
  ends: LineEnds.default(BY_COUNT),
  range: LineRange.nullable().default(null),
  settle: Settle.default({ kind: 'none' }),
  /** The way it is led, by the id of one of its movement's variants; null as it is written. */
  variant: z.string().max(60).nullable().default(null),
  /** Other ways named together with it, each person choosing; '' is the movement as written. */
  offers: z.array(z.string().max(60)).max(8).default([]),
  /** The teaching step it is done in, from 0; null for the whole movement. */
  layer: z.number().int().min(0).max(7).nullable().default(null),
  /** Another school's breathing by its name; null as it is written. */
  breathing: z.string().max(60).nullable().default(null),
  /** Where schools disagree: what it does otherwise than its class. */
  schools: OwnSchools.default({}),
  /** A constant pace for this item in breaths per minute; null follows the section. */
  pace: z.number().min(2).max(30).nullable().default(null),
  /** Whether everybody breathes as they like: then it takes as long as breaths at a natural rate. */
  ownBreath: z.boolean().default(false),
  /** Fitting a class to its slot leaves this count as it is. */
  pinned: z.boolean().default(false),
  /** Fitting a class to its slot may leave this line out. */
  optional: z.boolean().default(false),
  /** Degrees of knee bend that every further round of its own goes lower than the one before. */
  lower: z.number().min(-20).max(20).default(0),
  /** What grows or shrinks from its first repetition to its last; null where nothing does. */
  ramp: Ramp.nullable().default(null),
  /** The steps into it as the instructor gives them; null where they are worked out. */
  bridge: HandBridge.nullable().default(null),
  /** Which way the class is turned for it, degrees clockwise from the front of the room. */
  facing: z.number().int().min(-180).max(180).default(0),
  /** How low the class goes after it, where it is the line that finds this out. */
  depth: Depth.nullable().default(null),
  ...LINE_WORDS,
});
export type MovementItem = z.infer<typeof MovementItem>;

export const RestItem = Placed.extend({
  kind: z.literal('rest'),
  seconds: z.number().min(1).max(3600),
});

export const TalkItem = Placed.extend({
  kind: z.literal('talk'),
  seconds: z.number().min(1).max(3600),
  /** Whether it is over when its time is; otherwise it waits a while for the instructor. */
  endsByItself: z.boolean().optional(),
});

/** A line that only keeps the clock: tables to clear, practice by themselves; nobody is led, and nothing is counted. */
export const ClockItem = Placed.extend({
  kind: z.literal('clock'),
  seconds: z.number().min(1).max(3600),
});

/** One line of the running order. */
export const Item = z.discriminatedUnion('kind', [MovementItem, RestItem, TalkItem, ClockItem]);
export type Item = z.infer<typeof Item>;

/** How many lines and blocks a section holds, and how many sections a class. */
export const MOST = { lines: 200, blocks: 40, sections: 12 } as const;

/** A passage of the class with its own breath pace. */
export const Section = z.object({
  kind: Role,
  pace: Pace,
  items: z.array(Item).max(MOST.lines),
  blocks: z.array(Block).max(MOST.blocks).default([]),
  /** What its lines are settled with; null where nothing is done. */
  settle: SettleRoutine.nullable().default(null),
  /** Whether the breath or the clock leads it; null or absent, the breath. */
  ledBy: LedBy.nullish(),
});
export type Section = z.infer<typeof Section>;

/** What of a session bears on its time: everything but who, where and when. */
export const Plan = z.object({
  /** From door to door. */
  slotMinutes: z.number().int().min(5).max(240),
  /** What of the slot is not class. */
  doors: Doors.default(NO_DOORS),
  /** In-part to out-part of a breath. */
  breath: z.object({ in: z.number().min(1).max(10), out: z.number().min(1).max(10) }),
  /** How its movements are done where schools disagree. */
  schools: Schools.default(USUAL_SCHOOLS),
  /** How long its parts really take with its group, where that was measured and agreed to; else they take as long as usual. */
  takes: Takes.optional(),
  sections: z.array(Section).min(1).max(MOST.sections),
});
export type Plan = z.infer<typeof Plan>;

/** A class in one slot, its lines not yet held against each other. */
export const SessionShape = Plan.extend({
  id: Slug,
  title: z.string().trim().min(1, 'a class needs a name').max(120),
  groupId: z.string().max(60).nullable(),
  date: CalendarDay.nullable(),
  startsAt: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time looks like 19:00'),
  /** What was noticed and set aside in this class, with the reason. */
  setAside: z.array(SetAside).max(100).default([]),
  /** The course it is a class of, and which by its identity there; null where it is a class by itself. */
  course: z.object({ id: Slug, classId: LineId }).nullable().default(null),
  /** Editions of one class share the id of the one they come from; null while it is the only one. */
  family: z.string().max(60).nullable().default(null),
});

/** The least of a slot that must be left for the class, minutes. */
export const LEAST_CLASS_MINUTES = 5;

/**
 * One class in one slot. `date` is a local day (YYYY-MM-DD) or null while it has none; `startsAt` is local HH:MM, when the slot
 * begins.
 */
export const Session = SessionShape.superRefine((session, context) => {
  if (classMinutes(session) < LEAST_CLASS_MINUTES)
    context.addIssue({
      code: 'custom',
      path: ['doors'],
      message: `leaves less than ${LEAST_CLASS_MINUTES} minutes of class`,
    });
  const seen = new Set<string>();
  session.sections.forEach((section, s) => {
    for (const { path, message } of blockFaults(section.items, section.blocks))
      context.addIssue({ code: 'custom', path: ['sections', s, ...path], message });
    section.items.forEach((item, i) => {
      if (seen.has(item.id)) {
        context.addIssue({
          code: 'custom',
          path: ['sections', s, 'items', i, 'id'],
          message: 'two lines share this id',
        });
      }
      seen.add(item.id);
    });
  });
});
export type Session = z.infer<typeof Session>;
