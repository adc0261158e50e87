import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import type { Course, CoursePlan } from '../schema/course';
import type { WeaveInstance, WeavePlan } from '../weave/graph/instance';
import { judgePlan } from '../weave/graph/judgePlan';
import { weave } from '../weave/weave';
import { courseWeave, planByClass, planByPlace } from './courseWeave';
import { holdsAsItIs, keepingTo } from './reflow';

/** A course that goes otherwise than planned. */

const DAY = '2027-01-01';
const DOORS = { before: 5, after: 5 };
const threads = [
  sampleThread('walking', 2),
  sampleThread('clouds', 3, { after: [{ thread: 'walking', layers: 1, mine: 3 }] }),
  sampleThread('waves', 2, { wish: 'want' }),
  sampleThread('brush', 3, { wish: 'want' }),
];
const ROUNDS = 40;

function woven(instance: WeaveInstance, start?: WeavePlan): WeavePlan {
  let plan: WeavePlan = {};
  let round = 0;
  for (const reached of weave(instance, start ? { start } : {})) {
    plan = reached.plan;
    round += 1;
    if (reached.isBest || round > ROUNDS) break;
  }
  return plan;
}

const planned = (course: Course): Course => {
  const ready = courseWeave(course, DOORS, DAY);
  return { ...course, plan: planByClass(course, ready, woven(ready.instance)) };
};
const course = planned(sampleCourse(threads, 10));

/** The cells two plans do not share. */
function changed(a: CoursePlan, b: CoursePlan): number {
  const cells = (plan: CoursePlan) =>
    new Set(Object.entries(plan).flatMap(([id, path]) => path.map((one) => `${id} ${one.classId} ${one.layers}`)));
  const [left, right] = [cells(a), cells(b)];
  return [...left].filter((one) => !right.has(one)).length + [...right].filter((one) => !left.has(one)).length;
}

/** The course with the class in which clouds are begun cancelled. */
const begun = course.plan.clouds?.[0]?.classId ?? '';
const cancelled: Course = {
  ...course,
  calendar: { ...course.calendar, changes: [{ kind: 'cancelled', id: begun, why: '' }] },
};

test('a plan that is still legal holds as it is', () => {
  const ready = courseWeave(course, DOORS, DAY);
  expect(holdsAsItIs(ready.instance, planByPlace(course, ready))).toBe(true);
});

test('a plan that lost a class does not hold; it follows, and changes less than a plan made anew', () => {
  const ready = courseWeave(cancelled, DOORS, DAY);
  const start = planByPlace(cancelled, ready);
  expect(holdsAsItIs(ready.instance, start)).toBe(false);
  const follows = woven(keepingTo(ready.instance, start), start);
  expect(judgePlan(ready.instance, follows).faults).toEqual([]);
  // What follows holds from then on.
  expect(holdsAsItIs(ready.instance, follows)).toBe(true);
});

test('whichever class is lost, a plan that follows changes no more than one made anew, and over all of them less', () => {
  const ids = courseWeave(course, DOORS, DAY).held.map(({ id }) => id);
  const changes = ids.slice(1, 6).map((id) => {
    const without: Course = {
      ...course,
      calendar: { ...course.calendar, changes: [{ kind: 'cancelled', id, why: '' }] },
    };
    const ready = courseWeave(without, DOORS, DAY);
    const start = planByPlace(without, ready);
    const follows = woven(keepingTo(ready.instance, start), start);
    return {
      kept: changed(planByClass(without, ready, follows), course.plan),
      anew: changed(planByClass(without, ready, woven(ready.instance)), course.plan),
    };
  });
  for (const { kept, anew } of changes) expect(kept).toBeLessThanOrEqual(anew);
  expect(changes.reduce((sum, { kept }) => sum + kept, 0)).toBeLessThan(
    changes.reduce((sum, { anew }) => sum + anew, 0),
  );
});

test('what was announced is still in its class where everything else moves', () => {
  const last = course.plan.brush?.findLast(({ layers }, place, all) => layers > (all[place - 1]?.layers ?? 0));
  const promised: Course = {
    ...cancelled,
    threads: cancelled.threads.map((thread) =>
      thread.id === 'brush' && last
        ? { ...thread, announced: [{ layer: last.layers, classId: last.classId }] }
        : thread,
    ),
  };
  const ready = courseWeave(promised, DOORS, DAY);
  const plan = planByClass(promised, ready, woven(ready.instance, planByPlace(promised, ready)));
  expect(plan.brush?.find(({ layers }) => layers >= (last?.layers ?? 0))?.classId).toBe(last?.classId);
});

test('a pin that is not honoured lets no plan hold', () => {
  const free = course.calendar.firstDay;
  const pinned: Course = {
    ...course,
    threads: course.threads.map((thread) =>
      thread.id === 'brush' ? { ...thread, pins: [{ classId: `${free}-1900`, layers: 1, isNew: true }] } : thread,
    ),
  };
  const ready = courseWeave(pinned, DOORS, DAY);
  const start = planByPlace(pinned, ready);
  const isThere = start.brush?.[0]?.class === 0;
  expect(holdsAsItIs(ready.instance, start)).toBe(isThere);
  expect(isThere).toBe(false);
});
