import dayjs from 'dayjs';
import { baseId } from '../../movement/schema/version';
import type { Course } from '../schema/course';
import type { CourseThread } from '../schema/thread';
import { contentOf } from '../schema/topicContent';
import { topicKind } from '../schema/topicKinds';

/** After so many weeks without a class what was learnt last has gone: a step back. */
const FADES_AFTER = 4;

/** How many layers of each thread a course has reached, by its plan up to a day. */
export function reachedIn(course: Course, upTo: string): ReadonlyMap<string, number> {
  return new Map(
    course.threads.map(({ id, known }) => {
      const path = (course.plan[id] ?? []).filter(({ classId }) => classId.slice(0, 10) < upTo);
      return [id, Math.max(known, ...path.map(({ layers }) => layers))];
    }),
  );
}

const unbound = (thread: CourseThread): CourseThread => ({ ...thread, pins: [], announced: [] });

/**
 * The threads of a course for another group, with what was really reached: what never came is wished for less.
 * @param today the local day: what lies ahead has not been reached
 */
export function threadsAgain(course: Course, today: string): CourseThread[] {
  const reached = reachedIn(course, today);
  const hasBegun = Object.values(course.plan).some((path) => path.some(({ classId }) => classId.slice(0, 10) < today));
  return course.threads.map((thread) => {
    const { isKept } = topicKind(thread);
    const known = isKept ? thread.known : 0;
    const isReached = !hasBegun || isKept || (reached.get(thread.id) ?? 0) > 0;
    return unbound({ ...thread, known, wish: isReached ? thread.wish : 'room' });
  });
}

/**
 * The threads of a course that another goes on from: what was reached is known, a step less where more than a month lies between.
 * @param firstDay of the course that goes on
 */
export function threadsGoingOn(course: Course, firstDay: string): CourseThread[] {
  const reached = reachedIn(course, firstDay);
  const last = Object.values(course.plan)
    .flat()
    .map(({ classId }) => classId.slice(0, 10))
    .filter((day) => day < firstDay)
    .sort()
    .at(-1);
  const weeks = last === undefined ? 0 : dayjs(firstDay).diff(last, 'day') / 7;
  return course.threads.map((thread) => {
    const had = reached.get(thread.id) ?? 0;
    const { isKept } = topicKind(thread);
    const known = isKept ? thread.known : Math.max(0, weeks > FADES_AFTER && had > 1 ? had - 1 : had);
    return unbound({ ...thread, known });
  });
}

/** Threads of movements that a group knows already begin as known. */
export function knownAlready(threads: readonly CourseThread[], knows: readonly string[]): CourseThread[] {
  const known = new Set(knows.map(baseId));
  return threads.map((thread) =>
    known.has(baseId(contentOf(thread).movementId ?? '')) ? { ...thread, known: thread.layers.length } : thread,
  );
}
