import { baseId } from '../movement/schema/version';
import type { Plan } from '../session/plan/session';

/** What of a plan says which movement each line does, and which topic of its course it is there for. */
interface Planned {
  readonly sections: readonly {
    readonly items: readonly {
      readonly id: string;
      readonly movementId?: string | undefined;
      readonly origin?: { readonly thread: string } | null;
    }[];
  }[];
}

/** The names that stand only in lines that were left out. */
function onlyIn(
  plan: Planned,
  leftOut: ReadonlySet<string>,
  nameOf: (line: Planned['sections'][number]['items'][number]) => string | undefined,
): string[] {
  const lines = plan.sections.flatMap(({ items }) => items);
  const named = (isLeft: boolean) =>
    lines.filter(({ id }) => leftOut.has(id) === isLeft).flatMap((line) => nameOf(line) ?? []);
  const done = new Set(named(false));
  return [...new Set(named(true))].filter((name) => !done.has(name));
}

/** The base ids of the movements of a class that were not done in it: every line of theirs was left out. */
export const movementsLeftOut = (plan: Planned, leftOut: ReadonlySet<string>): string[] =>
  onlyIn(plan, leftOut, ({ movementId }) => (movementId === undefined ? undefined : baseId(movementId)));

/** The ids of the topics of its course that a class did not get to: every line of theirs was left out. */
export const threadsLeftOut = (plan: Pick<Plan, 'sections'>, leftOut: ReadonlySet<string>): string[] =>
  onlyIn(plan, leftOut, ({ origin }) => origin?.thread);

/** The ids of the lines of a record that were left out. */
export const linesLeftOut = (
  items: readonly { readonly itemId: string; readonly outcome: string }[],
): ReadonlySet<string> => new Set(items.flatMap(({ itemId, outcome }) => (outcome === 'left out' ? [itemId] : [])));
