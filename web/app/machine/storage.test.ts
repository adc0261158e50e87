import { type Shelf, shelfOn } from './storage';

/** A browser's storage with room for so many letters. */
function roomFor(letters: number): Storage {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    key: (place) => [...kept.keys()][place] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    removeItem: (key) => void kept.delete(key),
    clear: () => kept.clear(),
    setItem: (key, text) => {
      const others = [...kept].reduce((sum, [other, { length }]) => sum + (other === key ? 0 : length), 0);
      if (others + text.length > letters) throw new DOMException('full', 'QuotaExceededError');
      kept.set(key, text);
    },
  };
}
const forbidden = (): Storage => {
  throw new DOMException('not here', 'SecurityError');
};

const behave = (shelf: Shelf, isKept: boolean) => {
  expect(shelf.find('a')).toBeNull();
  expect(shelf.keep('a', '12345')).toBe(isKept);
  expect(shelf.find('a')).toBe('12345');
  expect(shelf.keep('b', '1')).toBe(isKept);
  expect(shelf.keysFrom('a')).toEqual(['a']);
  shelf.forget('a');
  expect(shelf.find('a')).toBeNull();
  expect(shelf.keysFrom('')).toEqual(['b']);
};

test('with room, everything is kept', () => {
  const storage = roomFor(100);
  behave(
    shelfOn(() => storage),
    true,
  );
});

test('where storage is forbidden nothing throws, and the page still has what it put there', () =>
  behave(shelfOn(forbidden), false));

test('a text for which there is no room any more is not answered by the one before it', () => {
  const storage = roomFor(10);
  const shelf = shelfOn(() => storage);
  expect(shelf.keep('draft', 'short')).toBe(true);
  expect(shelf.keep('draft', 'much longer than ten')).toBe(false);
  expect(shelf.find('draft')).toBe('much longer than ten');
  expect(storage.getItem('draft')).toBeNull();
  expect(shelf.keep('draft', 'short')).toBe(true);
  expect(storage.getItem('draft')).toBe('short');
});
