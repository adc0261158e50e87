import type { Course } from '../schema/course';
import type { CourseThread } from '../schema/thread';
import { topicKind } from '../schema/topicKinds';
import type { WeaveInstance } from '../weave/graph/instance';

/** Threads that are learnt and wished for, but whose last step the plan does not reach. */
export function unfinishedIn({ threads, plan }: Course): CourseThread[] {
  return threads.filter(({ id, kind, wish, known, layers }) => {
    if (topicKind({ kind }).isKept || wish === 'room') return false;
    return Math.max(known, ...(plan[id] ?? []).map((one) => one.layers)) < layers.length;
  });
}

/** A thread that is counted: not finished, it costs one, whatever it is wished for. */
const COUNTED = { priority: 0.1, finish: 1 } as const;

/**
 * An instance in which all that counts is how many of some threads are not finished: what no plan can cost less than is how many must
 * stay so. What is known in part costs for other reasons too, and is not counted.
 */
export function countingUnfinished(instance: WeaveInstance, ids: ReadonlySet<string>): WeaveInstance {
  const threads = instance.threads.map((thread) =>
    ids.has(thread.id) && thread.known === 0 ? { ...thread, ...COUNTED } : { ...thread, priority: 0 },
  );
  return { ...instance, late: 0, threads };
}

const HAIR = 1e-6;

/** How many threads stay unfinished in any plan, by the bound of an instance that counts them. */
export const leastUnfinished = (bound: number): number => Math.max(0, Math.ceil(bound - HAIR));

/** A course with so many classes more, where it has a number of them; null where it has none. */
export function withMoreClasses(course: Course, more: number): Course | null {
  const { ends } = course.calendar;
  if (ends.kind !== 'classes') return null;
  return { ...course, calendar: { ...course.calendar, ends: { ...ends, count: ends.count + more } } };
}
