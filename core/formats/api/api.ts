import { z } from 'zod';
import { Form } from '../../movement/schema/form';
import { Movement } from '../../movement/schema/movement';
import { ClassLog } from '../../record/classLog';
import { PassedOn } from '../../record/passedOn';
import { Plan, Session } from '../../session/plan/session';
import { Doors } from '../../session/plan/slotTime';
import { PART_KINDS } from '../../session/timeline/partKind';
import { Timeline } from '../../session/timeline/segment';
import { LineId, Slug } from '../../words/ids';

/** What travels between the server and whoever talks to it. One schema validates, documents and types it. */

/** Which classes a page of them is taken from. */
export const SESSIONS_WHEN = ['all', 'coming', 'week', 'past'] as const;
export const SessionsWhen = z.enum(SESSIONS_WHEN);
export type SessionsWhen = z.infer<typeof SessionsWhen>;

/** A session as the store holds it. `revision` counts its saves from 1. */
export const StoredSession = z.object({
  session: Session,
  revision: z.number().int().min(1),
  changedAt: z.iso.datetime(),
});
export type StoredSession = z.infer<typeof StoredSession>;

export const SessionSummary = z.object({
  id: z.string(),
  title: z.string(),
  groupId: z.string().nullable(),
  date: z.string().nullable(),
  startsAt: z.string(),
  slotMinutes: z.number().int(),
  doors: Doors,
  family: z.string().nullable(),
  /** The course it is a class of, and which. */
  course: z.object({ id: z.string(), classId: z.string() }).nullable(),
  /** Planned length by the engine, milliseconds. */
  totalMs: z.number().int(),
  /** By when it has ended in eight of ten, milliseconds from its beginning. */
  safeMs: z.number().int(),
  lines: z.number().int(),
  /** Every movement that stands in it, each once. */
  movementIds: z.array(z.string()),
  revision: z.number().int(),
  changedAt: z.iso.datetime(),
});
export type SessionSummary = z.infer<typeof SessionSummary>;

/** A part of the classes that were asked for, and how many there are in all. */
export const SessionsPage = z.object({ total: z.number().int(), rows: z.array(SessionSummary) });
export type SessionsPage = z.infer<typeof SessionsPage>;

export const NewSession = z.object({ session: Session });
/** A save: the session and the revision it was made from. */
export const SessionSave = z.object({ session: Session, revision: z.number().int().min(1) });
export type SessionSave = z.infer<typeof SessionSave>;

/** A class drawn up again: as it is to stand, and as it was drawn up, which its changes by hand are told from next time. */
export const RedrawnSession = SessionSave.extend({ base: Session });
export type RedrawnSession = z.infer<typeof RedrawnSession>;

export const LogSummary = z.object({
  id: z.string(),
  sessionId: z.string(),
  title: z.string(),
  startedAt: z.string(),
  plannedMs: z.number().int(),
  actualMs: z.number().int(),
  attendance: z.number().int().nullable(),
  /** Base ids of the movements of its class that were not done: every line of theirs was left out. */
  leftOut: z.array(z.string()),
});
export type LogSummary = z.infer<typeof LogSummary>;

/** How many times as long as reckoned a kind of part takes with a group, and from how many of them that is known. */
export const LearntPart = z.object({
  kind: z.enum(PART_KINDS),
  groupId: z.string(),
  times: z.number(),
  from: z.number().int(),
});
export type LearntPart = z.infer<typeof LearntPart>;

/** What may be added to a log afterwards. */
export const LogNotes = ClassLog.pick({ attendance: true, notes: true });

/** A change that was made in a class of one group, and is offered to one of another. */
export const Offered = z.object({
  logId: z.string(),
  /** The class it was changed in, whose it was, and when. */
  title: z.string(),
  groupId: z.string(),
  startedAt: z.string(),
  passed: PassedOn,
});
export type Offered = z.infer<typeof Offered>;

/** A line of a log that was left open and is answered. */
export const LogAnswer = z.object({ itemId: LineId });
export type LogNotes = z.infer<typeof LogNotes>;

/** Everything a class may name: all movements in all versions, the ids that are offered, what the instructor made, the forms. */
export const Library = z.object({
  movements: z.array(Movement),
  shown: z.array(z.string()),
  own: z.array(z.string()),
  forms: z.array(Form),
});
export type Library = z.infer<typeof Library>;

/** A movement and the version it was made from; null for a new one. */
export const MovementSave = z.object({ movement: Movement, basedOn: z.string().nullable() });
export type MovementSave = z.infer<typeof MovementSave>;

/** The text of a file with a class, and the id it is added under. */
export const ClassFileText = z.object({ text: z.string().min(1), id: Slug });
export type ClassFileText = z.infer<typeof ClassFileText>;

/** The text of a file of movements. */
export const MovementFile = z.object({ format: z.enum(['json', 'csv']), text: z.string().min(1) });
export type MovementFile = z.infer<typeof MovementFile>;
export const MovementsWritten = z.object({
  added: z.number().int(),
  changed: z.number().int(),
  same: z.number().int(),
});
export type MovementsWritten = z.infer<typeof MovementsWritten>;

/** A plan to be timed, with movements by id, or inline (an inline movement wins over one of the same id). */
export const TimelineRequest = z.object({ session: Plan, movements: z.array(Movement).max(200).default([]) });
export const TimelineReply = z.object({
  timeline: Timeline,
  verdict: z.object({ state: z.enum(['empty', 'under', 'fits', 'over']), beyondMs: z.number().int() }),
});

/** An error in plain words, after RFC 9457, with one entry per field that was wrong. */
export const Problem = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  detail: z.string().optional(),
  errors: z.array(z.object({ path: z.array(z.union([z.string(), z.number()])), message: z.string() })).optional(),
});
export type Problem = z.infer<typeof Problem>;

/** A save that met a newer revision: what the store holds now, and what was sent. */
export const Conflict = Problem.extend({ stored: StoredSession, sent: Session });
export type Conflict = z.infer<typeof Conflict>;

/** What of the store this version cannot read: it is left out of everything, and kept as it is. */
export const Unread = z.object({
  kind: z.enum([
    'class',
    'course',
    'group',
    'movement',
    'passage',
    'record',
    'person',
    'hall',
    'practice',
    'own words',
    'point left as it is',
  ]),
  id: z.string(),
  /** The row as it stands in the store. */
  text: z.string(),
  /** What is wrong with it, field by field. */
  why: z.string(),
});
export type Unread = z.infer<typeof Unread>;
