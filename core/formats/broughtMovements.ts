import equal from 'fast-deep-equal';
import type { FindMovement, Movement } from '../movement/schema/movement';
import { atVersion, baseId, versionOf } from '../movement/schema/version';

/** The movements a file brings along, and what they are called here. */
export interface Brought {
  /** Movements that are not here yet, by the names they will have here; the versions of one name in their order. */
  readonly brings: readonly Movement[];
  /** Movements that are here under the same name but differ: they come along under another name. */
  readonly renamed: readonly { readonly from: string; readonly to: string }[];
  /** What a movement of the file is called here. */
  readonly nameOf: (id: string) => string;
}

/** A name leaves room for the number behind it. */
const MOST_IN_NAME = 66;

/** A name for a movement that is taken by nothing: `cloud-hands-2`, then `cloud-hands-3`. */
function freeName(base: string, isTaken: (id: string) => boolean): string {
  const begin = base.slice(0, MOST_IN_NAME).replace(/-+$/, '');
  for (let n = 2; ; n += 1) if (!isTaken(`${begin}-${n}`)) return `${begin}-${n}`;
}

/**
 * What a file's movements become here: what is here already stays as it is, and nothing is overwritten. Several versions of one name
 * stay versions of one name.
 * @param find what is here by its id
 */
export function broughtMovements(movements: readonly Movement[], find: FindMovement): Brought {
  const inFile = new Set(movements.map(({ id }) => baseId(id)));
  const names = new Map<string, string>();
  const brings: Movement[] = [];
  const versions = new Map<string, Movement[]>();
  for (const movement of movements) {
    const here = find(movement.id);
    const ofName = versions.get(baseId(movement.id)) ?? [];
    versions.set(baseId(movement.id), ofName);
    if (here && equal(here, movement)) continue;
    if (!ofName.some(({ id }) => id === movement.id)) ofName.push(movement);
  }
  for (const [base, ofName] of versions) {
    const isTaken = (name: string) =>
      find(name) !== undefined || inFile.has(name) || brings.some((one) => baseId(one.id) === name);
    const isHere = find(base) !== undefined || ofName.some(({ id }) => find(id) !== undefined);
    const name = isHere ? freeName(base, isTaken) : base;
    ofName
      .toSorted((a, b) => versionOf(a.id) - versionOf(b.id))
      .forEach((movement, version) => {
        const to = atVersion(name, version);
        names.set(movement.id, to);
        brings.push({ ...movement, id: to });
      });
  }
  const renamed = [...names].flatMap(([from, to]) => (baseId(from) === baseId(to) ? [] : [{ from, to }]));
  return { brings, renamed, nameOf: (id) => names.get(id) ?? id };
}
