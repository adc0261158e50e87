import type { HeldClass } from '../calendar/courseClasses';
import type { CoursePlan } from '../schema/course';
import type { CourseThread } from '../schema/thread';

/** What another plan does otherwise for one thread. */
export interface PlanChange {
  readonly thread: CourseThread;
  readonly what: string;
}

/** When each layer is introduced, by the number of its class from 1. */
function introductions(thread: CourseThread, plan: CoursePlan, numbers: ReadonlyMap<string, number>): number[] {
  const classes: number[] = [];
  const path = (plan[thread.id] ?? [])
    .flatMap(({ classId, layers }) => {
      const number = numbers.get(classId);
      return number === undefined ? [] : [{ number, layers }];
    })
    .toSorted((a, b) => a.number - b.number);
  let before = thread.known;
  for (const { number, layers } of path) {
    for (; before < layers; before += 1) classes[before] = number;
  }
  return classes;
}

const practised = ({ id }: CourseThread, plan: CoursePlan, numbers: ReadonlyMap<string, number>): Set<number> =>
  new Set((plan[id] ?? []).flatMap(({ classId }) => numbers.get(classId) ?? []));

/** What differs between two plans of a course, thread by thread, in words: new layers that move first, then practices. */
export function planDifference(
  threads: readonly CourseThread[],
  held: readonly HeldClass[],
  was: CoursePlan,
  now: CoursePlan,
): PlanChange[] {
  const numbers = new Map(held.map(({ id, number }) => [id, number]));
  return threads.flatMap((thread): PlanChange[] => {
    const [before, after] = [introductions(thread, was, numbers), introductions(thread, now, numbers)];
    const moved = thread.layers.flatMap(({ name }, place): string[] => {
      const [from, to] = [before[place], after[place]];
      if (from === to) return [];
      if (from === undefined) return [`“${name}” comes in class ${to}`];
      return [to === undefined ? `“${name}” is no longer reached` : `“${name}” moves from class ${from} to ${to}`];
    });
    if (moved.length > 0) return moved.map((what) => ({ thread, what }));
    const [old, young] = [practised(thread, was, numbers), practised(thread, now, numbers)];
    const more = [...young].filter((one) => !old.has(one));
    const less = [...old].filter((one) => !young.has(one));
    if (more.length + less.length === 0) return [];
    const words = [
      ...(more.length > 0 ? [`practised in ${more.join(', ')} besides`] : []),
      ...(less.length > 0 ? [`not in ${less.join(', ')}`] : []),
    ];
    return [{ thread, what: words.join(', ') }];
  });
}
