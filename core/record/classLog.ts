import dayjs from 'dayjs';
import { z } from 'zod';
import type { FindMovement } from '../movement/schema/movement';
import { notedTitle } from '../session/plan/lineTitle';
import { Session } from '../session/plan/session';
import { type LineTime, lineTimes, segmentsOf } from '../session/timeline/lineTimes';
import { PART_KINDS, type PartKind, partKind } from '../session/timeline/partKind';
import type { Segment, Timeline } from '../session/timeline/segment';
import { LineId, Slug } from '../words/ids';
import { partKey } from './standing/parts';
import { Moment, type Teaching } from './standing/teaching';

/** A part of a line as it was taught. Milliseconds of wall time. */
const LoggedPart = z.object({
  kind: z.enum(PART_KINDS),
  plannedMs: z.number().int().min(0),
  actualMs: z.number().int().min(0),
  by: z.enum(['person', 'itself']),
});

/** What became of one planned line. Times in milliseconds of wall time, pauses included. */
export const LoggedItem = z.object({
  itemId: LineId,
  title: z.string().min(1).max(200),
  section: z.string().min(1).max(40),
  plannedMs: z.number().int().min(0),
  actualMs: z.number().int().min(0),
  /** Repetitions over all sides, directions and rounds. */
  plannedTimes: z.number().int().min(0),
  doneTimes: z.number().int().min(0),
  outcome: z.enum(['done', 'cut short', 'left out', 'done more']),
  /** How long each part of it took, and whether a person ended it or it ran by itself. */
  parts: z.array(LoggedPart).max(PART_KINDS.length).default([]),
});
export type LoggedItem = z.infer<typeof LoggedItem>;

/** The record of one class as taught. Instants are ISO 8601 with their offset from UTC. */
export const ClassLog = z.object({
  id: Slug,
  sessionId: z.string().min(1).max(60),
  startedAt: z.iso.datetime({ offset: true }),
  endedAt: z.iso.datetime({ offset: true }),
  /** The class as it was planned at that moment. */
  plan: Session,
  items: z.array(LoggedItem).max(500),
  attendance: z.number().int().min(0).max(500).nullable(),
  notes: z.string().max(4000),
  /** When and in which line it was stopped, because something was wrong: no more is kept of that. */
  stops: z.array(Moment).max(50).default([]),
  /** Of what it left open, the lines that were let go since. */
  answered: z.array(LineId).max(500).default([]),
  /** Of what was changed in it and offered to other groups, the lines that were let go, and for which class. */
  letGo: z
    .array(z.object({ itemId: LineId, sessionId: z.string().max(60) }))
    .max(500)
    .default([]),
});
export type ClassLog = z.infer<typeof ClassLog>;

/** What a record says when it is first written; the rest is said of it afterwards. */
type FirstWritten = Pick<ClassLog, 'id' | 'startedAt' | 'endedAt' | 'plan' | 'items' | 'attendance' | 'notes'> &
  Partial<Pick<ClassLog, 'stops'>>;

/** The record of a class that has just been taught, of which nothing is answered yet. */
export const newRecord = ({ stops = [], ...said }: FirstWritten): ClassLog => ({
  ...said,
  sessionId: said.plan.id,
  stops,
  answered: [],
  letGo: [],
});

/** Why a record cannot be of a class: it ends before it begins, or is of another class's plan; null where it can. */
export function recordFault({
  sessionId,
  startedAt,
  endedAt,
  plan,
}: Pick<ClassLog, 'sessionId' | 'startedAt' | 'endedAt' | 'plan'>): {
  readonly field: 'endedAt' | 'plan';
  readonly message: string;
} | null {
  if (dayjs(endedAt).isBefore(startedAt)) return { field: 'endedAt', message: 'it ends before it begins' };
  return plan.id === sessionId ? null : { field: 'plan', message: 'its plan is of another class' };
}

/** A line of which nothing was completed counts as left out when less than this was spent on it, milliseconds. Convention. */
const PASSED_OVER = 3000;

/** Repetitions over all sides, directions and rounds: so many were planned, and an open line may be some fewer or more. */
interface PlannedTimes {
  readonly planned: number;
  readonly least: number;
  readonly most: number;
}

/** What was planned of a line, over all the times it comes round. */
function plannedTimesOf(timeline: Timeline, { occurrences }: LineTime): PlannedTimes {
  const times = { planned: 0, least: 0, most: 0 };
  for (const { first, end, waits } of occurrences) {
    const passes = timeline.segments
      .slice(first, end)
      .filter(({ completes, repetition, of }) => completes && (of === null || repetition === of));
    const planned = passes.reduce((sum, { of }) => sum + (of ?? 1), 0);
    const open = waits?.for === 'count' ? waits : { less: 0, more: 0 };
    times.planned += planned;
    times.least += planned - open.less * passes.length;
    times.most += planned + open.more * passes.length;
  }
  return times;
}

function outcomeOf(
  { least, most }: PlannedTimes,
  done: number,
  actualMs: number,
  plannedMs: number,
): LoggedItem['outcome'] {
  if (done === 0 && actualMs < Math.min(PASSED_OVER, plannedMs / 2)) return 'left out';
  if (done >= least && done <= most) return 'done';
  return done < least ? 'cut short' : 'done more';
}

/** The parts of a line that were planned or took time. */
function partsOf(segments: readonly Segment[], { parts, touched }: Teaching): LoggedItem['parts'] {
  const planned = new Map<PartKind, { key: string; ms: number }>();
  for (const segment of segments) {
    const of = planned.get(partKind(segment));
    planned.set(partKind(segment), { key: partKey(segment), ms: (of?.ms ?? 0) + segment.lengthMs });
  }
  return [...planned].map(([kind, { key, ms }]) => ({
    kind,
    plannedMs: ms,
    actualMs: Math.round(parts[key] ?? 0),
    by: touched.includes(key) ? 'person' : 'itself',
  }));
}

/**
 * Sets what was done against what was planned, line by line in the planned order. The times of the lines, with the pauses that fell on
 * them, sum to the wall time to the millisecond.
 */
export function loggedItems(plan: Session, timeline: Timeline, teaching: Teaching, find: FindMovement): LoggedItem[] {
  // Boundaries are rounded, not lengths, so that nothing is lost between them.
  let [before, after] = [0, 0];
  return [...lineTimes(timeline).values()].map((line) => {
    const { itemId, section, lengthMs } = line;
    const item = plan.sections[section]?.items.find(({ id }) => id === itemId);
    const times = plannedTimesOf(timeline, line);
    after = before + (teaching.spent[itemId] ?? 0);
    const actualMs = Math.round(after) - Math.round(before);
    before = after;
    const doneTimes = teaching.completed[itemId] ?? 0;
    return {
      itemId,
      title: item ? notedTitle(item, find) : itemId,
      section: plan.sections[section]?.kind ?? 'main',
      plannedMs: lengthMs,
      actualMs,
      plannedTimes: times.planned,
      doneTimes,
      outcome: outcomeOf(times, doneTimes, actualMs, lengthMs),
      parts: partsOf(segmentsOf(timeline, line), teaching),
    };
  });
}
