import { type Came, comesOn, type Person } from './person';

/** A class that was taught and of which somebody said who came, with its local day. */
export interface Attended {
  readonly day: string;
  readonly people: ReadonlySet<string>;
}

/** How often somebody came: in so many of the classes they could have come to, those of which it was noted. */
export interface Coming {
  readonly came: number;
  readonly of: number;
}

export function comingOf(person: Person, classes: readonly Attended[]): Coming {
  const theirs = classes.filter(({ day }) => comesOn(person, day));
  return { came: theirs.filter(({ people }) => people.has(person.id)).length, of: theirs.length };
}

/** Before so many classes were noted, the usual three quarters are mixed in as if they had been classes. Convention. */
const USUAL_SHARE = 0.75;
const AS_IF = 2;

/**
 * How many of those who belong to a group on a day are to be expected, from how often each came before.
 * @example expectedOn([ann, ben], [], '2027-01-05') // 1.5: nothing is known of either
 */
export function expectedOn(people: readonly Person[], classes: readonly Attended[], day: string): number {
  return people
    .filter((person) => comesOn(person, day))
    .reduce((sum, person) => {
      const { came, of } = comingOf(person, classes);
      return sum + (came + AS_IF * USUAL_SHARE) / (of + AS_IF);
    }, 0);
}

/** Classes with who came, from what was noted: a class of which nothing was noted is not one that nobody came to. */
export const attendedClasses = (came: readonly Came[], dayOf: (sessionId: string) => string | null): Attended[] =>
  came.flatMap(({ sessionId, people }) => {
    const day = dayOf(sessionId);
    return day === null || people.length === 0 ? [] : [{ day, people: new Set(people) }];
  });
