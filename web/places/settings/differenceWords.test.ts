import { differenceWords, sizeWords } from './differenceWords';

test('what would change is said kind by kind, with what comes, goes and becomes as it was', () => {
  expect(
    differenceWords([
      { table: 'class_log_items', here: 4, there: 0, differ: 0 },
      { table: 'sessions', here: 1, there: 3, differ: 0 },
      { table: 'groups', here: 0, there: 0, differ: 1 },
      { table: 'class_bases', here: 0, there: 2, differ: 0 },
    ]),
  ).toEqual([
    'Classes: 3 come back, 1 goes.',
    'Groups: 1 becomes as then.',
    'What belongs to them: 2 come back, 4 go.',
  ]);
  expect(differenceWords([])).toEqual([]);
});

test('sizes as they are said', () => {
  expect([sizeWords(12), sizeWords(640_200), sizeWords(1_240_000)]).toEqual(['1 kB', '640 kB', '1.2 MB']);
});
