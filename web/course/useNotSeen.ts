import { notSeen } from '../../core/course/classes/notSeen';
import type { Course } from '../../core/course/schema/course';
import { useTaughtClasses } from './useTaughtClasses';

/** So many are named; of more only how many. */
const NAMED = 3;

/** Which threads of a course somebody of its group has not seen by a day: "Cloud Hands: Ann, Ben". */
export function useNotSeen(course: Course, day: string): string[] {
  const known = useTaughtClasses(course);
  if (!known) return [];
  const missed = notSeen(course, known.taught, known.people, day);
  return course.threads.flatMap(({ id, title }) => {
    const people = missed.get(id) ?? [];
    if (people.length === 0) return [];
    const names = people.map(({ called }) => called);
    return [`${title}: ${names.length <= NAMED ? names.join(', ') : `${names.length} of them`}`];
  });
}
