import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import { heldClasses } from '../calendar/courseClasses';
import { catchUp } from './catchUp';

const held = heldClasses(sampleCourse([], 6).calendar, '2027-01-01');
const at = (...cells: [number, number][]) =>
  cells.map(([number, layers]) => ({ classId: held[number - 1]?.id ?? '', layers }));
const course = sampleCourse([sampleThread('clouds', 3), sampleThread('walking', 1), sampleThread('waves', 1)], 6, {
  plan: {
    clouds: at([1, 1], [2, 1], [3, 2], [5, 2]),
    walking: at([2, 1], [3, 1], [4, 1]),
    waves: at([3, 1], [4, 1]),
  },
});
const missing = (...numbers: number[]) =>
  catchUp(course, held, new Set(numbers.map((number) => held[number - 1]?.id ?? '')), 4);

test('somebody who was always there has nothing to catch up with', () => {
  expect(missing()).toEqual([]);
});

test('what was new in a class that was missed, with its minutes, and what has been shown to them since', () => {
  // Classes 1 and 3: the first clouds were shown again in class 2, the second come next and were not; waves were, in class 4.
  expect(missing(1, 3)).toEqual([
    { title: 'clouds', steps: ['step 1'], number: 1, minutes: 4, shownAgain: 2, isNeeded: false },
    { title: 'clouds', steps: ['step 2'], number: 3, minutes: 4, shownAgain: null, isNeeded: true },
    { title: 'waves', steps: ['step 1'], number: 3, minutes: 4, shownAgain: 4, isNeeded: false },
  ]);
});

test('a class that lies ahead has not been missed', () => {
  expect(missing(5, 6)).toEqual([]);
});
