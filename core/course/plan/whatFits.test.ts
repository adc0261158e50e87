import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import { weave } from '../weave/weave';
import { courseWeave, planByClass } from './courseWeave';
import { countingUnfinished, leastUnfinished, unfinishedIn, withMoreClasses } from './whatFits';

const DOORS = { before: 5, after: 5 };
const DAY = '2027-01-01';
/** Nine things of one step, each as new as a class may be: six classes, of which the last two and one in four bring nothing new. */
const nine = Array.from({ length: 9 }, (_, place) =>
  sampleThread(`t${place}`, 1, { layers: [{ name: 'The whole', minutes: 4, weight: 1.5 }] }),
);
const course = sampleCourse(nine, 6);

function boundOf(of: typeof course): number {
  const { instance } = courseWeave(of, DOORS, DAY);
  let bound = 0;
  let round = 0;
  const ids = new Set(of.threads.map(({ id }) => id));
  for (const reached of weave(countingUnfinished(instance, ids))) {
    bound = reached.bound;
    round += 1;
    if (reached.isBest || round > 30) break;
  }
  return bound;
}

test('what cannot be had is said from a bound: of nine, in six classes, most stay unfinished whatever one does', () => {
  const { rooms } = courseWeave(course, DOORS, DAY);
  // By hand: one new thing fits into each class that may bring any.
  const fit = rooms.filter(({ newness }) => newness >= 1.5).length;
  const least = leastUnfinished(boundOf(course));
  expect(least).toBeGreaterThan(0);
  expect(least).toBeLessThanOrEqual(9 - fit);
});

test('where everything fits the bound says nothing against it', () => {
  expect(leastUnfinished(boundOf(sampleCourse(nine.slice(0, 2), 8)))).toBe(0);
});

test('what the plan does not finish, and a course with more classes', () => {
  const ready = courseWeave(course, DOORS, DAY);
  const [first] = weave(ready.instance);
  const planned = { ...course, plan: planByClass(course, ready, first?.plan ?? {}) };
  const open = unfinishedIn(planned);
  expect(open.length).toBeGreaterThanOrEqual(leastUnfinished(boundOf(course)));
  expect(open.every(({ id }) => (planned.plan[id] ?? []).length === 0)).toBe(true);
  expect(withMoreClasses(course, 2)?.calendar.ends).toEqual({ kind: 'classes', count: 8 });
  const open2 = { ...course, calendar: { ...course.calendar, ends: { kind: 'open' as const } } };
  expect(withMoreClasses(open2, 2)).toBeNull();
});
