import { Form } from '../../movement/schema/form';
import { find } from '../../testing/cleanClass';
import { formLines } from './formLines';

const form = Form.parse({
  id: 'small',
  names: { english: ['Small'] },
  tradition: 'tai-chi',
  about: 'A form that exists only to be written out.',
  entries: [
    { movementId: 'lift', cycles: 2 },
    { movementId: 'sides', side: 'left', cycles: 3 },
    { movementId: 'sides', side: 'right', cycles: 3 },
    { movementId: 'sides', side: 'right', note: 'once more' },
    { movementId: 'gone' },
    { movementId: 'squat' },
  ],
});
const lines = (upTo?: number, from?: number) =>
  formLines(form, find, (place) => `line-${place + 1}`, upTo, from).map(({ id, movementId, count, sides, note }) => [
    id,
    movementId,
    count,
    sides,
    note,
  ]);

test('a form is written out as lines; left and right of the same are one line on each side', () => {
  expect(lines()).toEqual([
    ['line-1', 'lift', 2, 'usual', ''],
    ['line-2', 'sides', 3, 'left-first', ''],
    ['line-3', 'sides', 1, 'right-only', 'once more'],
    ['line-4', 'squat', 1, 'usual', ''],
  ]);
});

test('a part of it', () =>
  expect(lines(4, 3).map(([, id, count]) => [id, count])).toEqual([
    ['sides', 3],
    ['sides', 1],
  ]));

test('as far as it is known', () => expect(lines(2).map(([, id]) => id)).toEqual(['lift', 'sides']));
