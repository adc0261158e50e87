import type { Form } from '../../movement/schema/form';
import { baseId } from '../../movement/schema/version';
import type { Course, Taken } from '../schema/course';
import { contentOf } from '../schema/topicContent';

/**
 * How each movement was taken when it was last taught in some courses: they have it, half of them, or again. What was seen later in a
 * course stands; between courses the one that saw it in a later class.
 */
export function takenByMovement(
  courses: readonly Pick<Course, 'threads' | 'seen'>[],
  forms: readonly Form[],
): ReadonlyMap<string, Taken> {
  const seen = courses
    .flatMap((course) => course.seen.map((one) => ({ ...one, course })))
    // A class is called after its day.
    .toSorted((a, b) => a.classId.localeCompare(b.classId));
  return new Map(
    seen.flatMap(({ thread, taken, course }) => {
      const of = course.threads.find(({ id }) => id === thread);
      return of
        ? contentOf(of)
            .movementIds(forms)
            .map((id) => [baseId(id), taken] as const)
        : [];
    }),
  );
}
