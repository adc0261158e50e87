import type { HeldClass } from '../../../../core/course/calendar/courseClasses';
import type { Course } from '../../../../core/course/schema/course';
import type { CourseThread } from '../../../../core/course/schema/thread';
import { topicKind } from '../../../../core/course/schema/topicKinds';

/** Where a thread is practised: a knot in its yarn. */
export interface Knot {
  readonly place: number;
  readonly classId: string;
  readonly before: number;
  readonly layers: number;
}

export interface WeaveRow {
  readonly thread: CourseThread;
  readonly knots: readonly Knot[];
}

/** The threads of a course with their knots, in the order in which they begin. */
export function weaveRows(course: Course, held: readonly HeldClass[]): WeaveRow[] {
  const places = new Map(held.map(({ id }, place) => [id, place]));
  const rows = course.threads.map((thread): WeaveRow => {
    const path = (course.plan[thread.id] ?? [])
      .flatMap(({ classId, layers }) => {
        const place = places.get(classId);
        return place === undefined ? [] : [{ place, classId, layers }];
      })
      .toSorted((a, b) => a.place - b.place);
    const { isKept } = topicKind(thread);
    const knots = path.map(
      (one, index): Knot => ({
        ...one,
        before: path[index - 1]?.layers ?? (isKept ? one.layers : thread.known),
      }),
    );
    return { thread, knots };
  });
  const begins = ({ knots }: WeaveRow) => knots[0]?.place ?? Number.POSITIVE_INFINITY;
  return rows.toSorted((a, b) => begins(a) - begins(b));
}

/** What a knot says: "Cloud Hands, class 4: new, Add the steps". */
export function knotWords({ title, layers: all }: CourseThread, { place, before, layers }: Knot): string {
  const names = all.slice(before, layers).map(({ name }) => name);
  return `${title}, class ${place + 1}: ${names.length > 0 ? `new, ${names.join(', ')}` : 'practised'}`;
}
