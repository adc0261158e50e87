import { z } from 'zod';
import type { FindMovement } from '../movement/schema/movement';
import { baseId } from '../movement/schema/version';
import { withoutLines } from '../session/edit/editLines';
import { indexMinutes } from '../session/load/indexMinutes';
import { sessionDemand } from '../session/load/sessionDemand';
import { mayLastMs } from '../session/plan/slotTime';
import { forecastFor } from '../session/report/forecast';
import { timelineOf } from '../session/schedule/timeline';
import type { ClassLog } from './classLog';
import { taughtMs, wasWhole } from './heldForecast';

/** What one recorded class is in everything that is looked at over time. Times in whole milliseconds. */
export const LogPoint = z.object({
  id: z.string(),
  title: z.string(),
  groupId: z.string().nullable(),
  startedAt: z.string(),
  /** How long the class may last: its slot without the minutes before and after, and what it may run on. */
  slotMs: z.number().int(),
  plannedMs: z.number().int(),
  actualMs: z.number().int(),
  /** By when eight in ten such classes have ended; null where the plan cannot be laid out any more. */
  safeMs: z.number().int().nullable(),
  /** Whether it was taught as planned. */
  isWhole: z.boolean(),
  /** How long each section was taught. */
  sections: z.record(z.string(), z.number().int()),
  /** What the lines that were done asked of the body, index times minutes; null where the plan cannot be laid out any more. */
  load: z.object({ thighs: z.number(), shoulders: z.number(), back: z.number() }).nullable(),
  attendance: z.number().int().nullable(),
  /** What was practised, by base ids. */
  movements: z.array(z.string()),
  notes: z.string(),
});
export type LogPoint = z.infer<typeof LogPoint>;

/** A figure that is drawn and compared: to a tenth. */
const tenth = (value: number | undefined): number => Math.round((value ?? 0) * 10) / 10;

/** What a class asked of the body as it was taught: its plan without what was left out. */
function loadOf({ plan, items }: ClassLog, find: FindMovement): LogPoint['load'] {
  const leftOut = new Set(items.flatMap(({ itemId, outcome }) => (outcome === 'left out' ? [itemId] : [])));
  const taught = withoutLines(plan, leftOut);
  const answer = timelineOf(taught, find);
  if (!answer.ok) return null;
  const minutes = indexMinutes(sessionDemand(taught, answer.timeline, find));
  return {
    thighs: tenth(minutes.get('thighs')),
    shoulders: tenth(minutes.get('shoulders')),
    back: tenth(minutes.get('low-back')),
  };
}

/** A record as a point in time. */
export function logPoint(log: ClassLog, find: FindMovement): LogPoint {
  const { id, plan, startedAt, items, attendance, notes } = log;
  const answer = timelineOf(plan, find);
  const sections: Record<string, number> = {};
  for (const { section, actualMs } of items) sections[section] = (sections[section] ?? 0) + actualMs;
  const done = new Set(items.flatMap(({ itemId, outcome }) => (outcome === 'left out' ? [] : [itemId])));
  const lines = plan.sections.flatMap((section) => section.items);
  return {
    id,
    title: plan.title,
    groupId: plan.groupId,
    startedAt,
    slotMs: mayLastMs(plan),
    plannedMs: items.reduce((sum, { plannedMs }) => sum + plannedMs, 0),
    actualMs: taughtMs(log),
    safeMs: answer.ok ? forecastFor(plan, answer.timeline, find).safeMs : null,
    isWhole: wasWhole(log),
    sections,
    load: loadOf(log, find),
    attendance,
    movements: [
      ...new Set(
        lines.flatMap((item) => (item.kind === 'movement' && done.has(item.id) ? [baseId(item.movementId)] : [])),
      ),
    ],
    notes,
  };
}
