import dayjs from 'dayjs';
import type { FindMovement } from '../movement/schema/movement';
import { type ClassLog, newRecord } from '../record/classLog';
import { itemsWrittenAfter } from '../record/writtenAfter';
import type { MovementItem, Session } from '../session/plan/session';
import { timelineOf } from '../session/schedule/timeline';

/** A class as it was taught some days ago with some of its lines otherwise, by their movement; and its record, as planned. */
export function passedSince(
  session: Session,
  find: FindMovement,
  daysAgo: number,
  otherwise: Readonly<Record<string, Partial<MovementItem>>>,
): { readonly session: Session; readonly log: ClassLog } {
  const day = dayjs().subtract(daysAgo, 'day');
  const id = `${session.id}-${daysAgo}`.slice(0, 60);
  const made: Session = {
    ...session,
    id,
    date: day.format('YYYY-MM-DD'),
    // A class of a course is there once.
    course: null,
    sections: session.sections.map((section) => ({
      ...section,
      items: section.items.map((item) =>
        item.kind === 'movement' ? { ...item, ...otherwise[item.movementId] } : item,
      ),
    })),
  };
  const answer = timelineOf(made, find);
  if (!answer.ok) throw new Error('a class of known movements');
  const tookMs = answer.timeline.totalMs;
  return {
    session: made,
    log: newRecord({
      id: `${id}-taught`.slice(0, 60),
      startedAt: day.toISOString(),
      endedAt: day.add(tookMs, 'ms').toISOString(),
      plan: made,
      items: itemsWrittenAfter(made, answer.timeline, find, { leftOut: new Set(), tookMs }),
      attendance: null,
      notes: '',
    }),
  };
}
