import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import { heldClasses } from '../calendar/courseClasses';
import { courseWeave } from './courseWeave';
import { planSummary } from './planSummary';

test('what a plan comes to: how far, when, how full, how much at once', () => {
  const held = heldClasses(sampleCourse([], 5).calendar, '2027-01-01');
  const at = (...cells: [number, number][]) =>
    cells.map(([number, layers]) => ({ classId: held[number - 1]?.id ?? '', layers }));
  const course = sampleCourse(
    [
      sampleThread('clouds', 3),
      sampleThread('waves', 2, { known: 2 }),
      sampleThread('brush', 2),
      sampleThread('post', 1, { kind: 'amount' }),
    ],
    5,
    { plan: { clouds: at([1, 1], [2, 1], [4, 2]), waves: at([1, 2]) } },
  );
  const summary = planSummary(course, courseWeave(course, { before: 5, after: 5 }, '2027-01-01'));
  expect(summary.classes).toBe(5);
  expect(summary.reached.map(({ id, layers, of, begins, ends }) => [id, layers, of, begins, ends])).toEqual([
    ['clouds', 2, 3, 1, 4],
    ['waves', 2, 2, null, null],
    ['brush', 0, 2, null, null],
  ]);
  // Each layer counts half as new; no class has more than one.
  expect(summary.mostNew).toBe(0.5);
  expect(summary.meanLoad).toBeLessThanOrEqual(summary.mostLoad);
  expect(summary.mostLoad).toBeLessThanOrEqual(1);
});
