import type { FindMovement } from '../core/movement/schema/movement';
import { advance } from '../core/record/advance';
import { type ClassLog, loggedItems } from '../core/record/classLog';
import { changeTempo, onceMore, skip, togglePause } from '../core/record/steer';
import { beginTeaching } from '../core/record/teaching';
import type { Session } from '../core/session/plan/session';
import { timelineOf } from '../core/session/schedule/timeline';
import type { Timeline } from '../core/session/timeline/segment';

const MINUTE = 60_000;

/** Where a line of the plan begins, in milliseconds of the plan. */
const startOf = (timeline: Timeline, movementId: string): number =>
  timeline.segments.find((segment) => segment.movementId === movementId)?.startMs ?? 0;

/**
 * Last week's class as it was taught: a late start, breath a little slower than planned, one repetition more of the waves
 * and the shaking left out to end on time. Taught through the engine, so that its figures hang together.
 */
export function demoLog(session: Session, find: FindMovement): ClassLog {
  const answer = timelineOf(session, find);
  if (!answer.ok) throw new Error('The demo class cannot be laid out in time');
  const { timeline } = answer;
  const run = (from: ReturnType<typeof beginTeaching>, until: number) => {
    const step = 250;
    let teaching = from;
    while (teaching.planMs < until && !teaching.finished) teaching = advance(timeline, teaching, step);
    return teaching;
  };
  let teaching = advance(timeline, togglePause(beginTeaching()), 1.5 * MINUTE);
  teaching = run(togglePause(teaching), startOf(timeline, 'cloud-hands'));
  teaching = run(changeTempo(teaching, -1), startOf(timeline, 'pushing-waves') + MINUTE);
  teaching = run(onceMore(timeline, teaching), startOf(timeline, 'shaking'));
  teaching = run(skip(timeline, teaching), timeline.totalMs);

  const started = Date.parse(`${session.date}T${session.startsAt}:00Z`);
  return {
    id: `${session.id}-taught`,
    sessionId: session.id,
    startedAt: new Date(started).toISOString(),
    endedAt: new Date(started + teaching.wallMs).toISOString(),
    plan: session,
    items: loggedItems(session, timeline, teaching, find),
    attendance: 13,
    notes: 'Two late from work. Waves wanted one more. One knee grumbled in the bow, left; higher next time.',
  };
}
