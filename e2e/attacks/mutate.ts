/** How a request that is sound is spoiled. */

/** Values that have broken servers: empty, huge, negative, of another kind, halves of characters, names every object has. */
const HOSTILE: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  1e308,
  -0.5,
  3600,
  '',
  ' ',
  '\0',
  '\ud800',
  '__proto__',
  'constructor',
  '../../etc/passwd',
  "'; DROP TABLE sessions; --",
  '<script>alert(1)</script>',
  '=1+1',
  '2026-13-45',
  '25:99',
  'x'.repeat(5000),
  [],
  {},
  [[[[[[]]]]]],
  { __proto__: { a: 1 } },
  Array.from({ length: 300 }, (_, i) => i),
];

/** A value with one of its places changed: another value, one missing, one too many, one doubled. */
export function mutated(value: unknown, random: () => number): unknown {
  const hostile = () => HOSTILE[Math.floor(random() * HOSTILE.length)];
  if (typeof value !== 'object' || value === null || random() < 0.08) return hostile();
  if (Array.isArray(value)) {
    if (value.length === 0 || random() < 0.15) return [...value, hostile()];
    const at = Math.floor(random() * value.length);
    if (random() < 0.15) return value.toSpliced(at, 1);
    if (random() < 0.15) return [...value, value[at]];
    return value.with(at, mutated(value[at], random));
  }
  const keys = Object.keys(value);
  const key = keys[Math.floor(random() * keys.length)];
  if (key === undefined || random() < 0.05) return { ...value, [String(hostile()).slice(0, 40)]: hostile() };
  if (random() < 0.08) return Object.fromEntries(Object.entries(value).filter(([one]) => one !== key));
  return { ...value, [key]: mutated((value as Record<string, unknown>)[key], random) };
}

/** A body as text: as it is, or cut off, or with a byte changed. */
export function asText(body: unknown, random: () => number): string {
  const text = JSON.stringify(body) ?? '';
  if (random() < 0.03) return text.slice(0, Math.floor(random() * text.length));
  if (random() < 0.03) return text.replace(/[0-9]/, '\\u0000');
  return text;
}
