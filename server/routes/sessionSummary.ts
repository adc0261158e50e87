import type { SessionSummary, StoredSession } from '../../core/formats/api';
import type { FindMovement } from '../../core/movement/schema/movement';
import { forecastFor } from '../../core/session/report/forecast';
import { movementIdsOf } from '../../core/session/schedule/settleItem';
import { timelineOf } from '../../core/session/schedule/timeline';

/** A stored session in short, with its planned length by the engine. */
export function summaryOf({ session, revision, changedAt }: StoredSession, find: FindMovement): SessionSummary {
  const answer = timelineOf(session, find);
  const items = session.sections.flatMap((section) => section.items);
  const { id, title, groupId, date, startsAt, slotMinutes, doors, family, course } = session;
  return {
    id,
    title,
    groupId,
    date,
    startsAt,
    slotMinutes,
    doors,
    family,
    course,
    totalMs: answer.ok ? answer.timeline.totalMs : 0,
    safeMs: answer.ok ? forecastFor(session, answer.timeline, find).safeMs : 0,
    lines: items.length,
    movementIds: movementIdsOf(session.sections),
    revision,
    changedAt,
  };
}
