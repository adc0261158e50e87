import type { Course } from '../schema/course';
import type { WeavePlan, WeaveThread } from '../weave/graph/instance';
import { type CourseWeave, planByClass } from './courseWeave';
import { fillPlan } from './fillPlan';

/** The letter of a class in a rota, by its place among all that are held; null where the course does not come round. */
export const letterOf = ({ rules: { rota } }: Course, place: number): string | null =>
  rota > 1 ? String.fromCharCode(65 + (place % rota)) : null;

/** A piece stays with the letter it had unless another has so many minutes less to do. */
const STAYS = 2;

/**
 * The plan of a course that comes round: each piece has a letter, those that come every time have all, and no letter has much more to
 * do than another. Classes with the same letter do the same.
 */
export function comeRound(course: Course, { instance, from }: CourseWeave, plan: WeavePlan): WeavePlan {
  const { rota } = course.rules;
  if (rota < 2) return plan;
  const letterAt = (at: number) => (from + at) % rota;
  const minutes = Array.from({ length: rota }, () => 0);
  const lettersOf = new Map<string, readonly number[]>();
  const takes = ({ review, layers }: WeaveThread) => review[layers] ?? 0;
  for (const thread of instance.threads.toSorted((a, b) => takes(b) - takes(a))) {
    const { id, gaps = [] } = thread;
    if (gaps.length === 1 && gaps[0] === 1) {
      lettersOf.set(id, [...minutes.keys()]);
      continue;
    }
    const [first] = plan[id] ?? [];
    const load = (letter: number) => (minutes[letter] ?? 0) - (first && letterAt(first.class) === letter ? STAYS : 0);
    const [best = 0] = [...minutes.keys()].toSorted((a, b) => load(a) - load(b));
    lettersOf.set(id, [best]);
    minutes[best] = (minutes[best] ?? 0) + takes(thread);
  }
  return Object.fromEntries(
    instance.threads.map(({ id, layers }) => [
      id,
      Array.from({ length: instance.classes }, (_, at) => at)
        .filter((at) => lettersOf.get(id)?.includes(letterAt(at)))
        .map((at) => ({ class: at, layers })),
    ]),
  );
}

/** A woven plan as a course keeps it: come round where it is a rota, else without empty minutes; by the identities of its classes. */
export const finishPlan = (course: Course, ready: CourseWeave, woven: WeavePlan): Course['plan'] =>
  planByClass(course, ready, course.rules.rota > 1 ? comeRound(course, ready, woven) : fillPlan(ready.instance, woven));
