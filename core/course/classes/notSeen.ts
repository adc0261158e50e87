import { comesOn, type Person } from '../../group/person';
import type { Course } from '../schema/course';

/** A held class that was taught and of which it was noted who came. */
export interface TaughtClass {
  readonly classId: string;
  readonly day: string;
  readonly people: ReadonlySet<string>;
}

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
