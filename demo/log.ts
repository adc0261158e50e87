import type { FindMovement } from '../core/movement/schema/movement';
import { type ClassLog, loggedItems, newRecord } from '../core/record/classLog';
import { advance } from '../core/record/running/advance';
import { changeTempo, onceMore, skip, togglePause } from '../core/record/running/steer';
import { beginTeaching } from '../core/record/standing/teaching';
import type { Session } from '../core/session/plan/session';
import { mayLastMs } from '../core/session/plan/slotTime';
import { timelineOf } from '../core/session/schedule/timeline';
import type { Timeline } from '../core/session/timeline/segment';

const MINUTE = 60_000;

/** Where a line of the plan begins, in milliseconds of the plan. */
const startOf = (timeline: Timeline, movementId: string): number =>
  timeline.segments.find((segment) => segment.movementId === movementId)?.startMs ?? 0;

/** How a class of the demo went: all of it is taught through the engine, so that its figures hang together. */
interface Taught {
  /** Minutes it began late. */
  readonly late: number;
  /** From this movement on the breath went a little slower than planned. */
  readonly slowerFrom: string;
  /** A minute into this movement there was once more of it. */
  readonly moreOf: string | null;
  /** What was left out to end on time. */
  readonly leftOut: string;
  readonly attendance: number;
  readonly notes: string;
}

/** The classes that were taught, by their ids. */
const TAUGHT: Readonly<Record<string, Taught>> = {
  'evening-week-1': {
    late: 4,
    slowerFrom: 'raise-and-sink',
    moreOf: null,
    leftOut: 'shaking',
    attendance: 14,
    notes: 'Fourteen, two more than announced. Names took their time; the shaking waits until next week.',
  },
  'evening-week-2': {
    late: 2,
    slowerFrom: 'clouds-in-place',
    moreOf: 'pushing-waves',
    leftOut: 'shaking',
    attendance: 12,
    notes: 'Clouds: half of them turn the hands before the waist. Shown once more at the end.',
  },
  'evening-week-3': {
    late: 1.5,
    slowerFrom: 'cloud-hands',
    moreOf: 'pushing-waves',
    leftOut: 'shaking',
    attendance: 13,
    notes: 'Two late from work. Waves wanted one more. One knee grumbled in the bow, left; higher next time.',
  },
};

/** The record of a demo class as it was taught; null where it was not. */
export function demoLog(session: Session, find: FindMovement): ClassLog | null {
  const how = TAUGHT[session.id];
  if (!how) return null;
  const answer = timelineOf(session, find);
  if (!answer.ok) throw new Error('The demo class cannot be laid out in time');
  const { timeline } = answer;
  const run = (from: ReturnType<typeof beginTeaching>, until: number) => {
    const step = 250;
    let teaching = from;
    while (teaching.planMs < until && !teaching.finished) teaching = advance(timeline, teaching, step);
    return teaching;
  };
  let teaching = advance(timeline, togglePause(beginTeaching(mayLastMs(session))), how.late * MINUTE);
  teaching = run(togglePause(teaching), startOf(timeline, how.slowerFrom));
  teaching = changeTempo(teaching, -1);
  if (how.moreOf !== null) {
    teaching = run(teaching, startOf(timeline, how.moreOf) + MINUTE);
    teaching = onceMore(timeline, teaching);
  }
  teaching = run(teaching, startOf(timeline, how.leftOut));
  teaching = run(skip(timeline, teaching), timeline.totalMs);

  const started = Date.parse(`${session.date}T${session.startsAt}:00Z`);
  return newRecord({
    id: `${session.id}-taught`,
    startedAt: new Date(started).toISOString(),
    endedAt: new Date(started + teaching.wallMs).toISOString(),
    plan: session,
    items: loggedItems(session, timeline, teaching, find),
    attendance: how.attendance,
    notes: how.notes,
  });
}
