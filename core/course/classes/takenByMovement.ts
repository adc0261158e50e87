import type { Form } from '../../movement/schema/form';
import { baseId } from '../../movement/schema/version';
import type { Course, Taken } from '../schema/course';
import type { CourseThread } from '../schema/thread';

/** The movements a thread is about, by their base ids; none for words. */
function movementsOf({ taught }: CourseThread, forms: readonly Form[]): string[] {
  switch (taught.kind) {
    case 'movement':
      return [baseId(taught.id)];
    case 'form': {
      const form = forms.find(({ id }) => id === taught.id);
      return (form?.entries.slice(0, taught.places) ?? []).map(({ movementId }) => baseId(movementId));
    }
    case 'words':
      return [];
  }
}

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
      return of ? movementsOf(of, forms).map((id) => [id, taken] as const) : [];
    }),
  );
}
