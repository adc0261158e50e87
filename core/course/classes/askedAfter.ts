import { heldClasses } from '../calendar/courseClasses';
import type { Course, Taken } from '../schema/course';
import { topicKind } from '../schema/topicKinds';
import { cellsOf } from './classCells';

/**
 * What a class of a course introduces or reviews, in order: what is asked after when it is over. What it did not get to is not.
 * @param today the local day, YYYY-MM-DD
 * @param leftOut ids of topics of which every line was left out
 */
export function askedAfter(
  course: Course,
  classId: string,
  today: string,
  leftOut: readonly string[] = [],
): { thread: string; title: string }[] {
  const places = new Map(heldClasses(course.calendar, today).map(({ id }, place) => [id, place]));
  return cellsOf(course.threads, course.plan, classId, places).flatMap(({ thread }) =>
    topicKind(thread).isByMinutes || leftOut.includes(thread.id) ? [] : [{ thread: thread.id, title: thread.title }],
  );
}

/** The course with how one thing was taken in one class. */
export const withSeen = (course: Course, classId: string, thread: string, taken: Taken): Course => ({
  ...course,
  seen: [...course.seen.filter((one) => one.classId !== classId || one.thread !== thread), { classId, thread, taken }],
});
