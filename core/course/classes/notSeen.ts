import { type Attended, attendedClasses } from '../../group/attendance';
import { type Came, comesOn, type Person } from '../../group/person';
import type { Session } from '../../session/plan/session';
import type { Course } from '../schema/course';

/** A class of a course that was taught and of which it was noted who came. */
export interface TaughtClass extends Attended {
  readonly classId: string;
}

/** The taught classes of a course with who came, as far as it was noted. */
export const taughtClasses = (
  courseId: string,
  sessions: readonly Pick<Session, 'id' | 'date' | 'course'>[],
  came: readonly Came[],
): TaughtClass[] =>
  sessions.flatMap(({ id, date, course }) =>
    course?.id === courseId
      ? attendedClasses(
          came.filter(({ sessionId }) => sessionId === id),
          () => date,
        ).map((attended) => ({ ...attended, classId: course.classId }))
      : [],
  );

/** The classes somebody could have come to and did not, by their identity. */
export const missedBy = (person: Person, taught: readonly TaughtClass[]): string[] =>
  taught.filter(({ day, people }) => comesOn(person, day) && !people.has(person.id)).map(({ classId }) => classId);

/**
 * Those who belong to the group on a day and have seen nothing of a thread: it was practised in classes that were noted, and they were
 * in none of them. What was never practised in a noted class nobody can be said to have missed.
 * @returns for each thread by its id, who has not seen it; threads that everybody has seen are left out
 */
export function notSeen(
  { plan }: Pick<Course, 'plan'>,
  taught: readonly TaughtClass[],
  people: readonly Person[],
  day: string,
): ReadonlyMap<string, readonly Person[]> {
  const here = people.filter((person) => comesOn(person, day));
  return new Map(
    Object.entries(plan).flatMap(([thread, path]) => {
      const classes = taught.filter(({ classId }) => path.some((one) => one.classId === classId));
      if (classes.length === 0) return [];
      const missed = here.filter(({ id }) => classes.every(({ people: came }) => !came.has(id)));
      return missed.length > 0 ? [[thread, missed] as const] : [];
    }),
  );
}
