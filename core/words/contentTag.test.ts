import { fc } from '../testing/properties';
import { contentTag } from './contentTag';

test('is the same whatever the order of fields, and without those that are undefined', () => {
  expect(contentTag({ a: 1, b: { c: [1, 2], d: null } })).toBe(
    contentTag({ b: { d: null, c: [1, 2], e: undefined }, a: 1 }),
  );
  expect(contentTag({ a: 1 })).toMatch(/^"[a-z0-9]+-[a-z0-9]+"$/);
});

test('is another for another value, order of a list, or name of a field', () => {
  const tags = [{ a: 1 }, { a: 2 }, { a: '1' }, { b: 1 }, { a: [1, 2] }, { a: [2, 1] }, { a: null }, {}].map(
    contentTag,
  );
  expect(new Set(tags).size).toBe(tags.length);
});

test('goes over the wire unchanged', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => contentTag(JSON.parse(JSON.stringify(value))) === contentTag(value)),
  );
});
