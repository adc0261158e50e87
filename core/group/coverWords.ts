import type { FindMovement } from '../movement/schema/movement';
import { baseId } from '../movement/schema/version';
import { needWords } from '../needs/need';
import { lineTitle } from '../session/plan/lineTitle';
import type { Plan } from '../session/plan/session';
import { comesOn, type Person } from './person';

/** What must be done for those who come, counted and without names: "2: a higher stance". */
export function countedNeeds(
  people: readonly Person[],
  day: string,
): { readonly words: string; readonly count: number }[] {
  const counts = new Map<string, number>();
  for (const person of people)
    if (comesOn(person, day))
      for (const need of person.needs) counts.set(needWords(need), (counts.get(needWords(need)) ?? 0) + 1);
  return [...counts]
    .map(([words, count]) => ({ words, count }))
    .toSorted((a, b) => b.count - a.count || a.words.localeCompare(b.words));
}

/**
 * What whoever covers a class should not start: what its course introduces in it, or, in a class of no course, what the group has not
 * been taught. Each by its name, once.
 */
export function notToStart(plan: Plan, known: ReadonlySet<string> | null, find: FindMovement): string[] {
  const names = plan.sections.flatMap(({ items }) =>
    items.flatMap((item) => {
      if (item.kind !== 'movement') return [];
      const isNew = item.origin
        ? item.origin.role === 'introduce'
        : known !== null && !known.has(baseId(item.movementId));
      return isNew ? [lineTitle(item, find)] : [];
    }),
  );
  return [...new Set(names)];
}
