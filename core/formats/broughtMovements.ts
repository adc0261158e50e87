import equal from 'fast-deep-equal';
import type { FindMovement, Movement } from '../movement/schema/movement';
import { baseId } from '../movement/schema/version';

/** The movements a file brings along, and what they are called here. */
export interface Brought {
  /** Movements that are not here yet, by the names they will have here. */
  readonly brings: readonly Movement[];
  /** Movements that are here under the same name but differ: they come along under another name. */
  readonly renamed: readonly { readonly from: string; readonly to: string }[];
  /** What a movement of the file is called here. */
  readonly nameOf: (id: string) => string;
}

/** A name for a movement that is taken by nothing: `cloud-hands-2`, then `cloud-hands-3`. */
function freeName(id: string, isTaken: (id: string) => boolean): string {
  for (let n = 2; ; n += 1) if (!isTaken(`${baseId(id)}-${n}`)) return `${baseId(id)}-${n}`;
}

/**
 * What a file's movements become here: what is here already stays as it is, and nothing is overwritten.
 * @param find what is here by its id
 */
export function broughtMovements(movements: readonly Movement[], find: FindMovement): Brought {
  const inFile = new Set(movements.map(({ id }) => id));
  const names = new Map<string, string>();
  const brings: Movement[] = [];
  for (const movement of movements) {
    const here = find(movement.id);
    if (here && equal(here, movement)) continue;
    const isTaken = (name: string) =>
      find(name) !== undefined || inFile.has(name) || brings.some((one) => one.id === name);
    const to = here || find(baseId(movement.id)) ? freeName(movement.id, isTaken) : baseId(movement.id);
    names.set(movement.id, to);
    brings.push({ ...movement, id: to });
  }
  const renamed = [...names].flatMap(([from, to]) => (from === to ? [] : [{ from, to }]));
  return { brings, renamed, nameOf: (id) => names.get(id) ?? id };
}
