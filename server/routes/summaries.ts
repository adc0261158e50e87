import { setImmediate as soon } from 'node:timers/promises';
import type { SessionSummary, StoredSession } from '../../core/formats/api/api';
import type { FindMovement, Movement } from '../../core/movement/schema/movement';
import { forecastFor } from '../../core/session/report/forecast';
import { movementIdsOf } from '../../core/session/schedule/settleItem';
import { timelineOf } from '../../core/session/schedule/timeline';
import type { SessionStore } from '../store/sessions';

/** Classes in short, each worked out once until it or a movement it names changes. */
export interface Summaries {
  of(stored: StoredSession): SessionSummary;
  /** Some of them, in their order; the server goes on answering while those that are missing are worked out. */
  some(rows: readonly { readonly id: string; readonly revision: number }[]): Promise<SessionSummary[]>;
}

interface Kept {
  readonly revision: number;
  readonly movements: readonly (Movement | undefined)[];
  readonly summary: SessionSummary;
}

/** A stored session in short, with its planned length by the engine. */
function summaryOf({ session, revision, changedAt }: StoredSession, find: FindMovement): SessionSummary {
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

export function rememberSummaries(sessions: SessionStore, find: FindMovement): Summaries {
  const kept = new Map<string, Kept>();
  const known = (id: string, revision: number): SessionSummary | null => {
    const there = kept.get(id);
    const isSame =
      there?.revision === revision && there.summary.movementIds.every((name, at) => find(name) === there.movements[at]);
    return isSame ? there.summary : null;
  };
  const of = (stored: StoredSession): SessionSummary => {
    const there = known(stored.session.id, stored.revision);
    if (there) return there;
    const summary = summaryOf(stored, find);
    kept.set(summary.id, { revision: stored.revision, movements: summary.movementIds.map(find), summary });
    return summary;
  };
  return {
    of,
    async some(rows) {
      const summaries: SessionSummary[] = [];
      for (const { id, revision } of rows) {
        const there = known(id, revision);
        if (there) {
          summaries.push(there);
          continue;
        }
        const stored = sessions.find(id);
        if (stored) summaries.push(of(stored));
        // Others are answered between one class and the next.
        await soon();
      }
      return summaries;
    },
  };
}
