import { baseId } from '../movement/schema/version';
import { type Came, comesOn, type Person } from './person';

/** What a class was made of, as far as who has seen what goes. */
export interface TaughtMovements {
  readonly sessionId: string;
  readonly movementIds: readonly string[];
}

/**
 * Which of those who belong to a group on a day have seen a movement in a class that was recorded, by its base id; what the group knows
 * by the instructor's word, all of them have.
 */
export function seenBy(
  people: readonly Person[],
  came: readonly Came[],
  taught: readonly TaughtMovements[],
  knows: readonly string[],
  day: string,
): ReadonlyMap<string, ReadonlySet<string>> {
  const here = people.filter((person) => comesOn(person, day)).map(({ id }) => id);
  const seen = new Map<string, Set<string>>(knows.map((id) => [baseId(id), new Set(here)]));
  for (const { sessionId, people: there } of came)
    for (const id of taught.find((one) => one.sessionId === sessionId)?.movementIds ?? []) {
      const of = seen.get(baseId(id)) ?? new Set();
      for (const person of there) if (here.includes(person)) of.add(person);
      seen.set(baseId(id), of);
    }
  return seen;
}
