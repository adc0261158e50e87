import { groupBy } from 'remeda';
import { baseId } from '../movement/schema/version';

interface Planned {
  readonly id: string;
  readonly movementIds: readonly string[];
}
interface Recorded {
  readonly sessionId: string;
  /** Base ids of what was not done of it. */
  readonly leftOut: readonly string[];
}

/**
 * What each class is known to have been made of, by base ids: of a class that was recorded what was done, in any of its records; of
 * one that was not, what is planned.
 */
export function doneIn<Class extends Planned>(
  classes: readonly Class[],
  records: readonly Recorded[],
): (Class & { readonly done: readonly string[] })[] {
  const of = groupBy(records, ({ sessionId }) => sessionId);
  return classes.map((one) => {
    const own = of[one.id] ?? [];
    const isLeft = (id: string) => own.length > 0 && own.every(({ leftOut }) => leftOut.includes(id));
    return { ...one, done: [...new Set(one.movementIds.map(baseId))].filter((id) => !isLeft(id)) };
  });
}
