import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import { heldClasses } from '../calendar/courseClasses';
import { knownAlready, threadsAgain, threadsGoingOn } from './fromCourse';

const held = heldClasses(sampleCourse([], 6).calendar, '2027-01-01');
const at = (...cells: [number, number][]) =>
  cells.map(([number, layers]) => ({ classId: held[number - 1]?.id ?? '', layers }));
const clouds = sampleThread('clouds', 3, {
  pins: [{ classId: held[0]?.id ?? '', layers: 1, isNew: true }],
  announced: [{ layer: 2, classId: held[3]?.id ?? '' }],
});
const course = sampleCourse(
  [clouds, sampleThread('waves', 2), sampleThread('post', 1, { kind: 'amount', known: 1 })],
  6,
  { plan: { clouds: at([1, 1], [2, 1], [4, 2]), post: at([1, 1]) } },
);
const inShort = (threads: ReturnType<typeof threadsAgain>) => threads.map(({ id, known, wish }) => [id, known, wish]);

test('a course as a template: nobody knows anything yet, and what never came is wished for less', () => {
  const again = threadsAgain(course, '2027-06-01');
  expect(inShort(again)).toEqual([
    ['clouds', 0, 'must'],
    ['waves', 0, 'room'],
    ['post', 1, 'must'],
  ]);
  expect(again[0]).toMatchObject({ pins: [], announced: [] });
  // Before its first class nothing has been reached, and nothing is held against it.
  expect(inShort(threadsAgain(course, '2027-01-01'))[1]).toEqual(['waves', 0, 'must']);
});

test('a course that another goes on from: what was reached is known, a step less after more than a month', () => {
  // The last class it was practised in is that of 26 January.
  expect(inShort(threadsGoingOn(course, '2027-02-02')).map(([id, known]) => [id, known])).toEqual([
    ['clouds', 2],
    ['waves', 0],
    ['post', 1],
  ]);
  expect(threadsGoingOn(course, '2027-03-30')[0]?.known).toBe(1);
  // Of what lies behind its first day nothing has been learnt.
  expect(threadsGoingOn(course, '2027-01-20')[0]?.known).toBe(1);
});

test('what a group knows by hand begins as known', () => {
  expect(knownAlready(course.threads, ['waves@2', 'nothing']).map(({ known }) => known)).toEqual([0, 2, 1]);
});
