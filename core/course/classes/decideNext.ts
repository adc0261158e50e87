import type { HeldClass } from '../calendar/courseClasses';
import { withThread } from '../plan/changeThreads';
import type { Course } from '../schema/course';
import { cellsOf, isIntroduction } from './classCells';

/** What the instructor decides of a thread before its next class: its next step, the same once more, or a step back. */
export const DECISIONS = ['on', 'stay', 'back'] as const;
export type Decision = (typeof DECISIONS)[number];

/** The layers a thread has before a class, and the class in which it was practised last. */
function standsBefore(course: Course, held: readonly HeldClass[], place: number, threadId: string) {
  const thread = course.threads.find(({ id }) => id === threadId);
  const places = new Map(held.map(({ id }, at) => [id, at]));
  const before = (course.plan[threadId] ?? [])
    .flatMap(({ classId, layers }) => {
      const at = places.get(classId);
      return at !== undefined && at < place ? [{ at, classId, layers }] : [];
    })
    .toSorted((a, b) => a.at - b.at);
  const layers = Math.max(thread?.known ?? 0, ...before.map((one) => one.layers));
  return { thread, layers, last: before.at(-1)?.classId ?? null };
}

/** What is decided of a thread for a class, by hand or by the plan; null where it is not in it. */
export function decisionOf(
  course: Course,
  held: readonly HeldClass[],
  place: number,
  threadId: string,
): Decision | null {
  const { last } = standsBefore(course, held, place, threadId);
  const taken = course.seen.find((one) => one.thread === threadId && one.classId === last)?.taken;
  if (taken === 'again') return 'back';
  const places = new Map(held.map(({ id }, at) => [id, at]));
  const cell = cellsOf(course.threads, course.plan, held[place]?.id ?? '', places).find(
    ({ thread }) => thread.id === threadId,
  );
  if (!cell) return null;
  return isIntroduction(cell) ? 'on' : 'stay';
}

/**
 * A course in which it is decided what a class does with a thread; its plan is as it was, and is to be looked for anew.
 * @returns null where it cannot be: no step is left, or nothing is there to stay with or go back to
 */
export function decideNext(
  course: Course,
  held: readonly HeldClass[],
  place: number,
  threadId: string,
  decision: Decision,
): Course | null {
  const { thread, layers, last } = standsBefore(course, held, place, threadId);
  const classId = held[place]?.id;
  if (!thread || classId === undefined) return null;
  const pins = thread.pins.filter((pin) => pin.classId !== classId);
  // What was said of the last time is said anew by going on or staying.
  const seen = course.seen.filter((one) => one.thread !== threadId || one.classId !== last);
  switch (decision) {
    case 'on':
      if (layers >= thread.layers.length) return null;
      return {
        ...withThread(course, { ...thread, pins: [...pins, { classId, layers: layers + 1, isNew: true }] }),
        seen,
      };
    case 'stay':
      if (layers === 0) return null;
      return { ...withThread(course, { ...thread, pins: [...pins, { classId, layers, isNew: false }] }), seen };
    case 'back':
      if (last === null) return null;
      return {
        ...withThread(course, { ...thread, pins }),
        seen: [...seen, { classId: last, thread: threadId, taken: 'again' }],
      };
  }
}
