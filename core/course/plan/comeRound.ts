import type { Course } from '../schema/course';
import type { WeavePlan } from '../weave/graph/instance';
import { type CourseWeave, planByClass } from './courseWeave';
import { fillPlan } from './fillPlan';

/** The letter of a class in a rota, by its place among all that are held; null where the course does not come round. */
export const letterOf = ({ rules: { rota } }: Course, place: number): string | null =>
  rota > 1 ? String.fromCharCode(65 + (place % rota)) : null;

/**
 * The plan of a course that comes round: what its first classes do, those with the same letter do too. What none of them has comes into
 * the one with the least to do.
 */
export function comeRound(course: Course, { instance, from }: CourseWeave, plan: WeavePlan): WeavePlan {
  const { rota } = course.rules;
  if (rota < 2 || instance.classes < rota) return plan;
  const letter = (at: number) => (from + at) % rota;
  const minutes = Array.from({ length: rota }, () => 0);
  const lettersOf = new Map<string, Set<number>>();
  const all = Array.from({ length: rota }, (_, one) => one);
  for (const { id, review, layers, gaps } of instance.threads) {
    const isEveryTime = gaps?.length === 1 && gaps[0] === 1;
    const woven = (plan[id] ?? []).filter((one) => one.class < rota).map((one) => letter(one.class));
    const letters = new Set(isEveryTime ? all : woven);
    for (const one of letters) minutes[one] = (minutes[one] ?? 0) + (review[layers] ?? 0);
    lettersOf.set(id, letters);
  }
  for (const { id, review, layers } of instance.threads) {
    const letters = lettersOf.get(id);
    if (!letters || letters.size > 0) continue;
    const least = minutes.indexOf(Math.min(...minutes));
    letters.add(least);
    minutes[least] = (minutes[least] ?? 0) + (review[layers] ?? 0);
  }
  return Object.fromEntries(
    instance.threads.map(({ id, layers }) => [
      id,
      Array.from({ length: instance.classes }, (_, at) => at)
        .filter((at) => lettersOf.get(id)?.has(letter(at)))
        .map((at) => ({ class: at, layers })),
    ]),
  );
}

/** A woven plan as a course keeps it: without empty minutes, come round where it is a rota, by the identities of its classes. */
export const finishPlan = (course: Course, ready: CourseWeave, woven: WeavePlan): Course['plan'] =>
  planByClass(course, ready, comeRound(course, ready, fillPlan(ready.instance, woven)));
