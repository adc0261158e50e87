/** A value as text that is the same whatever the order of its fields. */
function stable(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(stable).join()}]`;
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? 'null';
  const fields = Object.entries(value)
    .filter(([, field]) => field !== undefined)
    .toSorted(([a], [b]) => (a < b ? -1 : 1));
  return `{${fields.map(([name, field]) => `${JSON.stringify(name)}:${stable(field)}`).join()}}`;
}

/** FNV-1a, 32 bits, from a seed. Source: the public description of the algorithm by its authors. */
function fnv1a(text: string, seed: number): number {
  let hash = seed;
  for (let at = 0; at < text.length; at += 1) hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193);
  return hash >>> 0;
}

/**
 * A tag of what something holds, as HTTP writes it: two things have the same where they say the same, in whatever order of fields.
 * `contentTag({ a: 1, b: 2 })` is `contentTag({ b: 2, a: 1 })`. It tells versions of one thing apart; it is no protection from anybody.
 */
export function contentTag(thing: unknown): string {
  const text = stable(thing);
  return `"${[0x811c9dc5, 0x2f0b4a17].map((seed) => fnv1a(text, seed).toString(36)).join('-')}"`;
}
