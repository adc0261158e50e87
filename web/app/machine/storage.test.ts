import { fakeStorage } from '../../testing/fakeStorage';
import { type Shelf, shelfOn } from './storage';

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
  const storage = fakeStorage(100);
  behave(
    shelfOn(() => storage),
    true,
  );
});

test('where storage is forbidden nothing throws, and the page still has what it put there', () =>
  behave(shelfOn(forbidden), false));

test('a text for which there is no room any more is not answered by the one before it', () => {
  const storage = fakeStorage(10);
  const shelf = shelfOn(() => storage);
  expect(shelf.keep('draft', 'short')).toBe(true);
  expect(shelf.keep('draft', 'much longer than ten')).toBe(false);
  expect(shelf.find('draft')).toBe('much longer than ten');
  expect(storage.getItem('draft')).toBeNull();
  expect(shelf.keep('draft', 'short')).toBe(true);
  expect(storage.getItem('draft')).toBe('short');
});
