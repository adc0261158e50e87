import Papa from 'papaparse';
import { heldClasses } from '../../course/calendar/courseClasses';
import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import { courseCsv, courseLines } from './courseCsv';

const held = heldClasses(sampleCourse([], 4).calendar, '2027-01-01');
const at = (...cells: [number, number][]) =>
  cells.map(([number, layers]) => ({ classId: held[number - 1]?.id ?? '', layers }));
const course = sampleCourse([sampleThread('clouds', 2, { title: '=clouds, "soft"' }), sampleThread('post', 1)], 4, {
  plan: { clouds: at([1, 1], [2, 1], [3, 2], [4, 2]), post: at([2, 1], [3, 1]) },
});

test('a row for each thing of each class, read back whole, and nothing a spreadsheet would reckon with', () => {
  const { data, errors } = Papa.parse<Record<string, string>>(courseCsv(course, held), { header: true });
  expect(errors).toEqual([]);
  expect(
    data.map((row) => `${row.class} ${row.date} ${row.thread}: ${row.what} ${row.steps} ${row.minutes}`.trim()),
  ).toEqual([
    `1 2027-01-05 '=clouds, "soft": new step 1 4`,
    `2 2027-01-12 '=clouds, "soft": shown again`,
    '2 2027-01-12 post: new step 1 4',
    `3 2027-01-19 '=clouds, "soft": new step 2 4`,
    '3 2027-01-19 post: shown again',
    `4 2027-01-26 '=clouds, "soft": shown again`,
  ]);
});

test('what is new, a line a week, as a term is typed', () => {
  expect(
    courseLines(sampleCourse([sampleThread('clouds', 2), sampleThread('post', 1)], 4, { plan: course.plan }), held),
  ).toBe('1: clouds, step 1\n2: post\n3: clouds, step 2');
});
