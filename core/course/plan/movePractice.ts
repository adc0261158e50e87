import type { HeldClass } from '../calendar/courseClasses';
import type { Course, CoursePlan } from '../schema/course';
import type { CourseThread } from '../schema/thread';
import type { GraphOf } from '../weave/graph/loom';
import { repairWeave } from '../weave/repairWeave';
import { withThread } from './changeThreads';
import { type CourseWeave, planByClass, planByPlace } from './courseWeave';
import { keepingTo } from './reflow';

/** The practice of a thread in a class as a pin: an introduction stays one. Null where it is not in it. */
export function practiceAsPin(
  course: Course,
  held: readonly HeldClass[],
  threadId: string,
  classId: string,
): CourseThread['pins'][number] | null {
  const thread = course.threads.find(({ id }) => id === threadId);
  const places = new Map(held.map(({ id }, place) => [id, place]));
  const path = (course.plan[threadId] ?? [])
    .flatMap((one) => {
      const place = places.get(one.classId);
      return place === undefined ? [] : [{ ...one, place }];
    })
    .toSorted((a, b) => a.place - b.place);
  const index = path.findIndex((one) => one.classId === classId);
  const cell = path[index];
  if (!thread || !cell) return null;
  return { classId, layers: cell.layers, isNew: cell.layers > (path[index - 1]?.layers ?? thread.known) };
}

/** A course in which a practice is pinned to another class; its plan is as it was. Null where it cannot be. */
export function movePractice(
  course: Course,
  held: readonly HeldClass[],
  threadId: string,
  from: string,
  to: string,
): Course | null {
  const thread = course.threads.find(({ id }) => id === threadId);
  const pin = practiceAsPin(course, held, threadId, from);
  if (!thread || !pin || held.every(({ id }) => id !== to)) return null;
  const others = thread.pins.filter(({ classId }) => classId !== from && classId !== to);
  return withThread(course, { ...thread, pins: [...others, { ...pin, classId: to }] });
}

/**
 * The plan of a course whose pins have moved, in a moment: legal at once, then better for as long as there is time.
 * @param isOver whether the time is up
 */
export function repairPlan(course: Course, ready: CourseWeave, graphOf: GraphOf, isOver: () => boolean): CoursePlan {
  const start = planByPlace(course, ready);
  let plan = start;
  for (const repaired of repairWeave(keepingTo(ready.instance, start), start, graphOf)) {
    plan = repaired.plan;
    if (isOver()) break;
  }
  return planByClass(course, ready, plan);
}
