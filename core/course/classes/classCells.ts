import type { CoursePlan } from '../schema/course';
import type { CourseThread } from '../schema/thread';

/** What a class does for one thread: introduces some of its layers, or practises what is there. */
export interface ClassCell {
  readonly thread: CourseThread;
  /** Layers before it and after it. */
  readonly before: number;
  readonly layers: number;
  /** How often the thread was practised since its last new layer, before this class; 0 for an introduction. */
  readonly practised: number;
}

/** Whether a cell shows something new. */
export const isIntroduction = ({ before, layers }: ClassCell): boolean => layers > before;

/**
 * What a class does for its threads, in the order in which the course has them.
 * @param places the place of each held class by its identity
 */
export function cellsOf(
  threads: readonly CourseThread[],
  plan: CoursePlan,
  classId: string,
  places: ReadonlyMap<string, number>,
): ClassCell[] {
  const at = places.get(classId);
  if (at === undefined) return [];
  return threads.flatMap((thread): ClassCell[] => {
    const path = (plan[thread.id] ?? [])
      .flatMap(({ classId: id, layers }) => {
        const place = places.get(id);
        return place === undefined ? [] : [{ place, layers }];
      })
      .toSorted((a, b) => a.place - b.place);
    const index = path.findIndex(({ place }) => place === at);
    const cell = path[index];
    if (!cell) return [];
    let before = thread.known;
    let practised = 0;
    for (const { layers } of path.slice(0, index)) {
      practised = layers > before ? 1 : practised + 1;
      before = layers;
    }
    return [{ thread, before, layers: cell.layers, practised: cell.layers > before ? 0 : practised }];
  });
}
