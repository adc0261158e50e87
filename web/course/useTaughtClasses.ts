import { type TaughtClass, taughtClasses } from '../../core/course/classes/notSeen';
import type { Course } from '../../core/course/schema/course';
import type { Person } from '../../core/group/person';
import { api } from '../app/server/api';

/** The people of a course's group and its taught classes with who came; null while they are on their way, and where nobody is written down. */
export function useTaughtClasses(
  course: Course,
): { readonly people: readonly Person[]; readonly taught: readonly TaughtClass[] } | null {
  const { data } = api.usePeopleQuery(course.groupId);
  const { data: sessions } = api.useSessionsQuery();
  if (!data || !sessions || data.people.length === 0) return null;
  return { people: data.people, taught: taughtClasses(course.id, sessions, data.came) };
}
