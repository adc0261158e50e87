/**
 * A movement that has been changed keeps its name and gets a version: `cloud-hands`, then `cloud-hands@1`, `cloud-hands@2`.
 * What a class names stays what it was.
 */

/** The name all versions share. `baseId('cloud-hands@2')` is `'cloud-hands'`. */
export const baseId = (id: string): string => id.split('@')[0] ?? id;

/** 0 for a movement as it first came. `versionOf('cloud-hands@2')` is 2. */
export const versionOf = (id: string): number => Number(id.split('@')[1] ?? 0);

/** The id of a version. `atVersion('cloud-hands@2', 3)` is `'cloud-hands@3'`. */
export const atVersion = (id: string, version: number): string =>
  version === 0 ? baseId(id) : `${baseId(id)}@${version}`;

/** The newest version of every name, in the order they come. */
export function newestOf<Thing extends { readonly id: string }>(things: readonly Thing[]): Thing[] {
  const newest = new Map<string, Thing>();
  for (const thing of things) {
    const base = baseId(thing.id);
    const known = newest.get(base);
    if (!known || versionOf(thing.id) > versionOf(known.id)) newest.set(base, thing);
  }
  return [...newest.values()];
}
