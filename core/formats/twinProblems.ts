import equal from 'fast-deep-equal';
import type { Movement } from '../movement/schema/movement';
import type { FileProblem } from './readJson';

/** The movements of a file that share an id with an earlier one and differ from it: which is meant cannot be known. */
export function twinProblems(movements: readonly Movement[]): FileProblem[] {
  const first = new Map<string, Movement>();
  return movements.flatMap((movement, index): FileProblem[] => {
    const before = first.get(movement.id);
    if (!before) first.set(movement.id, movement);
    if (!before || equal(before, movement)) return [];
    return [{ path: ['movements', index, 'id'], message: `“${movement.id}” stands here twice, and differs` }];
  });
}
