import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import type { Course } from '../schema/course';
import { judgePlan } from '../weave/graph/judgePlan';
import { weave } from '../weave/weave';
import { courseWeave, planByClass, planByPlace } from './courseWeave';
import { fillPlan } from './fillPlan';
import { planDifference } from './planDifference';
import { whyCell } from './whyCell';

const DOORS = { before: 5, after: 5 };
const DAY = '2027-01-01';

/** The course with its classes from a place on planned. */
function planned(course: Course, from = 0): Course {
  const ready = courseWeave(course, DOORS, DAY, from);
  let plan = {};
  let rounds = 0;
  for (const reached of weave(ready.instance, { start: planByPlace(course, ready) })) {
    plan = reached.plan;
    rounds += 1;
    if (reached.isBest || rounds > 30) break;
  }
  return { ...course, plan: planByClass(course, ready, fillPlan(ready.instance, plan)) };
}
const numbers = (course: Course, id: string) => {
  const { held } = courseWeave(course, DOORS, DAY);
  return (course.plan[id] ?? []).map(({ classId }) => held.findIndex((one) => one.id === classId) + 1);
};

const clouds = sampleThread('clouds', 3);
const walking = sampleThread('walking', 1);
const brush = sampleThread('brush', 2, { wish: 'want', after: [{ thread: 'walking', layers: 1, mine: 1 }] });

test('what a class has room for: less in the first and the last, nothing new in some, and why', () => {
  const { rooms } = courseWeave(sampleCourse([clouds]), DOORS, DAY);
  // 65 minutes of class, half of them main.
  expect(rooms.map(({ main }) => main)).toEqual([24.5, 32.5, 32.5, 32.5, 32.5, 32.5, 32.5, 22.5]);
  expect(rooms.map(({ newness }) => newness)).toEqual([1.5, 1.5, 1.5, 0, 1.5, 1.5, 0, 0]);
  expect(rooms[3]?.nothingNew).toMatch(/after 3 classes with something new/);
  expect(rooms[7]?.nothingNew).toMatch(/last classes/);
  const paused = sampleCourse([clouds], 8, {
    calendar: { ...sampleCourse([]).calendar, closures: [{ from: '2027-01-12', to: '2027-01-12', why: '' }] },
  });
  expect(courseWeave(paused, DOORS, DAY).rooms[1]?.nothingNew).toMatch(/first class after 14 days/);
});

test('a course is planned: every must finished and run at the end, what waits waits, and no rule broken', () => {
  const course = planned(sampleCourse([clouds, walking, brush]));
  const ready = courseWeave(course, DOORS, DAY);
  expect(judgePlan(ready.instance, planByPlace(course, ready)).faults).toEqual([]);
  expect(course.plan.clouds?.at(-1)).toEqual({ classId: '2027-02-23-1900', layers: 3 });
  expect(course.plan.walking?.at(-1)?.classId).toBe('2027-02-23-1900');
  expect(numbers(course, 'brush')[0]).toBeGreaterThan(numbers(course, 'walking')[0] ?? 99);
});

test('what is practised in every class is taken off the room first, from its first minutes to its last', () => {
  const post = sampleThread('post', 2, { kind: 'amount', practise: [2, 6] });
  const course = sampleCourse([post, clouds]);
  const { instance } = courseWeave(course, DOORS, DAY);
  expect(instance.threads.map(({ id }) => id)).toEqual(['clouds']);
  expect(instance.capacity[0]).toBe(24.5 - 2);
  expect(instance.capacity[7]).toBe(22.5 - 6);
  expect(numbers(planned(course), 'post')).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
});

test('no class is left emptier than what is there could fill', () => {
  const course = planned(sampleCourse([clouds, walking, brush]));
  const ready = courseWeave(course, DOORS, DAY);
  const plan = planByPlace(course, ready);
  const last = ready.held.length - 1;
  for (const { id } of ready.instance.threads) {
    if ((plan[id] ?? []).length > 0)
      expect({ id, classes: plan[id]?.map((one) => one.class) }).toMatchObject({
        classes: expect.arrayContaining([last]),
      });
  }
});

test('planned anew from a class on, the past stays as it was and what is due comes', () => {
  const course = planned(sampleCourse([clouds, walking, brush]));
  // The third class was cancelled after two were taught.
  const cancelled: Course = {
    ...course,
    calendar: { ...course.calendar, changes: [{ kind: 'cancelled', id: '2027-01-19-1900', why: 'Heating' }] },
  };
  const again = planned(cancelled, 2);
  for (const { id } of course.threads) {
    const past = (plan: Course['plan']) => (plan[id] ?? []).filter(({ classId }) => classId < '2027-01-19');
    expect(past(again.plan)).toEqual(past(course.plan));
    expect((again.plan[id] ?? []).every(({ classId }) => classId !== '2027-01-19-1900')).toBe(true);
  }
  const ready = courseWeave(again, DOORS, DAY, 2);
  expect(judgePlan(ready.instance, planByPlace(again, ready)).faults).toEqual([]);
  expect(again.plan.clouds?.at(-1)?.layers).toBe(3);
});

test('a class that is moved keeps what is planned for it', () => {
  const course = planned(sampleCourse([clouds, walking]));
  const moved: Course = {
    ...course,
    calendar: {
      ...course.calendar,
      changes: [{ kind: 'moved', id: '2027-01-19-1900', date: '2027-01-20', startsAt: '18:00' }],
    },
  };
  const [before, after] = [courseWeave(course, DOORS, DAY), courseWeave(moved, DOORS, DAY)];
  expect(planByPlace(moved, after)).toEqual(planByPlace(course, before));
});

test('the difference of two plans is said layer by layer, and nothing is said of what is the same', () => {
  const course = sampleCourse([clouds]);
  const { held } = courseWeave(course, DOORS, DAY);
  const at = (...cells: [number, number][]) => ({
    clouds: cells.map(([k, layers]) => ({ classId: held[k - 1]?.id ?? '', layers })),
  });
  const was = at([1, 1], [2, 1], [3, 2]);
  expect(planDifference(course.threads, held, was, was)).toEqual([]);
  expect(planDifference(course.threads, held, was, at([1, 1], [2, 2], [3, 2])).map(({ what }) => what)).toEqual([
    '“step 2” moves from class 3 to 2',
  ]);
  expect(planDifference(course.threads, held, was, at([1, 1], [2, 1])).map(({ what }) => what)).toEqual([
    '“step 2” is no longer reached',
  ]);
  expect(planDifference(course.threads, held, was, at([1, 1], [3, 2], [5, 2])).map(({ what }) => what)).toEqual([
    'practised in 5 besides, not in 2',
  ]);
});

test('a cell says why it is there', () => {
  const course = planned(sampleCourse([clouds, walking, brush]));
  const ready = courseWeave(course, DOORS, DAY);
  const cellOf = (id: string, place: number) => course.plan[id]?.[place]?.classId ?? '';
  expect(whyCell(course, ready, 'clouds', cellOf('clouds', 0)).join(' ')).toMatch(/“step 1” is introduced here/);
  expect(whyCell(course, ready, 'clouds', cellOf('clouds', 1)).join(' ')).toMatch(/shown a second time/);
  expect(whyCell(course, ready, 'brush', cellOf('brush', 0)).join(' ')).toMatch(/waits for walking, one step of it/);
  expect(whyCell(course, ready, 'brush', '2027-01-05-1900')).toEqual([]);
});

test('what is pinned stays where it is, and room rises to it', () => {
  const before = sampleCourse([clouds, walking]);
  // Class 4 is to have nothing new; the pin says otherwise.
  const pinned = sampleCourse([{ ...clouds, pins: [{ classId: '2027-01-26-1900', layers: 2, isNew: true }] }, walking]);
  const ready = courseWeave(pinned, DOORS, DAY);
  expect(courseWeave(before, DOORS, DAY).instance.newPerClass[3]).toBe(0);
  expect(ready.instance.newPerClass[3]).toBe(1);
  const course = planned(pinned);
  expect(course.plan.clouds).toContainEqual({ classId: '2027-01-26-1900', layers: 2 });
  expect(course.plan.clouds?.filter(({ classId }) => classId < '2027-01-26').map(({ layers }) => layers)).not.toContain(
    2,
  );
  expect(judgePlan(ready.instance, planByPlace(course, ready)).faults).toEqual([]);
});

test('a set that is followed whole is followed from the first class on', () => {
  const set = sampleThread('eight-pieces', 4, { kind: 'whole', practise: [10, 10, 10, 10] });
  const course = planned(sampleCourse([clouds, set]));
  expect(numbers(course, 'eight-pieces')).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
});

test('what was seen after a class decides what is due: half does not go on, again is shown once more', () => {
  const course = planned(sampleCourse([clouds, walking]));
  const { held } = courseWeave(course, DOORS, DAY);
  const [second] = held.slice(1, 2);
  const stands = (taken: 'has' | 'half' | 'again') => {
    const seen = [{ classId: second?.id ?? '', thread: 'clouds', taken }];
    return courseWeave({ ...course, seen }, DOORS, DAY, 2).instance.threads.find(({ id }) => id === 'clouds')?.standing;
  };
  const plain = courseWeave(course, DOORS, DAY, 2).instance.threads.find(({ id }) => id === 'clouds')?.standing;
  expect(stands('has')).toEqual(plain);
  expect(stands('half')?.stage).toBeLessThanOrEqual(stands('has')?.stage ?? 0);
  expect(stands('again')).toMatchObject({ stage: 0, last: -1 });
  expect(stands('again')?.added).toBeGreaterThan(0);
});

test('a form grows along the whole course, each place after what it waits for, and never in a heap at its end', () => {
  const form = sampleThread('form', 12, {
    taught: { kind: 'form', id: 'form', places: 12 },
    after: [{ thread: 'clouds', layers: 2, mine: 2 }],
  });
  const { instance } = courseWeave(sampleCourse([form, clouds, walking], 24), DOORS, DAY);
  const idealOf = (id: string) => instance.threads.find((one) => one.id === id)?.ideal ?? [];
  const places = idealOf('form');
  expect(places).toEqual(places.toSorted((a, b) => a - b));
  expect(places[1]).toBeGreaterThan(idealOf('clouds')[1] ?? 0);
  expect(places[5]).toBeLessThanOrEqual(13);
  expect(places.filter((at) => at >= 16).length).toBeLessThanOrEqual(5);
});

test('the last class runs every must: its main part is as long as that takes, and what is only wanted makes room', () => {
  const long = { practise: [9, 9, 9] };
  const course = planned(
    sampleCourse([
      sampleThread('clouds', 3, long),
      sampleThread('waves', 3, { ...long, wish: 'must' }),
      sampleThread('bow', 2, { practise: [6, 6], wish: 'want' }),
    ]),
  );
  // 22.5 minutes would be left of the last class's main part: two musts of nine fit, and not the wanted one besides.
  expect(numbers(course, 'clouds').at(-1)).toBe(8);
  expect(numbers(course, 'waves').at(-1)).toBe(8);
  const three = sampleCourse(['one', 'two', 'three'].map((id) => sampleThread(id, 1, { practise: [10] })));
  // Three musts of ten minutes each: half an hour of main part, instead of 22.5 minutes.
  expect(courseWeave(three, DOORS, DAY).rooms.at(-1)?.main).toBe(30);
});

test('what is wanted is begun where three quarters of it can be reached', () => {
  const { instance } = courseWeave(sampleCourse([sampleThread('bow', 4, { wish: 'want' }), clouds]), DOORS, DAY);
  expect(instance.threads.map(({ least }) => least)).toEqual([3, undefined]);
});
