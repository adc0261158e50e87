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

/** What a cover teacher should not start in a class. */
export interface NotToStart {
  /** What is new to the group, each by its name, once. */
  readonly names: readonly string[];
  /** Whether nothing is known of what the group knows, so that more may be new to it. */
  readonly isUncertain: boolean;
}

/**
 * What a cover teacher should not start: what its course introduces in it, or, in a class of no course, what the group has not
 * been taught.
 * @param known base ids of what it has been taught; null where that is not known
 */
export function notToStart(plan: Plan, known: ReadonlySet<string> | null, find: FindMovement): NotToStart {
  const names = plan.sections.flatMap(({ items }) =>
    items.flatMap((item) => {
      if (item.kind !== 'movement') return [];
      const isNew = item.origin
        ? item.origin.role === 'introduce'
        : known !== null && !known.has(baseId(item.movementId));
      return isNew ? [lineTitle(item, find)] : [];
    }),
  );
  const isOwn = plan.sections.some(({ items }) => items.some(({ kind, origin }) => kind === 'movement' && !origin));
  return { names: [...new Set(names)], isUncertain: known === null && isOwn };
}
