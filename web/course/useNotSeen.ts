import { notSeen } from '../../core/course/classes/notSeen';
import type { Course } from '../../core/course/schema/course';
import { api } from '../app/server/api';

/** So many are named; of more only how many. */
const NAMED = 3;

/** Which threads of a course somebody of its group has not seen by a day: "Cloud Hands: Ann, Ben". */
export function useNotSeen(course: Course, day: string): string[] {
  const { data } = api.usePeopleQuery(course.groupId);
  const { data: sessions = [] } = api.useSessionsQuery();
  if (!data || data.people.length === 0) return [];
  const taught = data.came.flatMap(({ sessionId, people }) => {
    const session = sessions.find(({ id }) => id === sessionId);
    const isOfCourse = session?.course?.id === course.id && session.date !== null && people.length > 0;
    return isOfCourse
      ? [{ classId: session.course?.classId ?? '', day: session.date ?? '', people: new Set(people) }]
      : [];
  });
  const missed = notSeen(course, taught, data.people, day);
  return course.threads.flatMap(({ id, title }) => {
    const people = missed.get(id) ?? [];
    if (people.length === 0) return [];
    const names = people.map(({ called }) => called);
    return [`${title}: ${names.length <= NAMED ? names.join(', ') : `${names.length} of them`}`];
  });
}
