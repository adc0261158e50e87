import type { HeldClass } from '../calendar/courseClasses';
import type { Course } from '../schema/course';
import type { CourseThread } from '../schema/thread';
import { topicKind } from '../schema/topicKinds';
import { type ClassCell, cellsOf, isIntroduction } from './classCells';

/** A thread that has not been practised for so many classes. */
export interface Unseen {
  readonly thread: CourseThread;
  readonly classes: number;
}

/** What a class is for: each of its threads in one of these, and what it leaves lying. */
export interface ClassColumns {
  readonly fresh: readonly ClassCell[];
  /** What was new last time, shown a second time. */
  readonly again: readonly ClassCell[];
  /** What comes back after some classes without. */
  readonly back: readonly ClassCell[];
  readonly on: readonly ClassCell[];
  /** What was begun, is not in it, and has been out of it for longer than is good. */
  readonly cold: readonly Unseen[];
}

/** Out of so many classes in a row a thread is getting cold; one in rotation after as many as it may be out. */
const COLD_AFTER = 3;

/** The threads of a course as a class has them, by the place of the class. */
export function classColumns(course: Course, held: readonly HeldClass[], place: number): ClassColumns {
  const places = new Map(held.map(({ id }, at) => [id, at]));
  const cells = cellsOf(course.threads, course.plan, held[place]?.id ?? '', places);
  /** Classes since a thread was practised; null where it was not. */
  const since = ({ id }: CourseThread): number | null => {
    const before = (course.plan[id] ?? []).flatMap(({ classId }) => {
      const at = places.get(classId);
      return at !== undefined && at < place ? [at] : [];
    });
    return before.length > 0 ? place - Math.max(...before) : null;
  };
  const isCold = (thread: CourseThread): boolean =>
    (since(thread) ?? 0) > (topicKind(thread).isAsOftenAsSaid ? thread.every : COLD_AFTER - 1);
  const fresh = cells.filter(isIntroduction);
  const kept = cells.filter((cell) => !isIntroduction(cell));
  const again = kept.filter(({ practised, thread }) => practised === 1 && topicKind(thread).isInStages);
  const back = kept.filter((cell) => !again.includes(cell) && (since(cell.thread) ?? 0) >= COLD_AFTER);
  const there = new Set(cells.map(({ thread }) => thread.id));
  return {
    fresh,
    again,
    back,
    on: kept.filter((cell) => !again.includes(cell) && !back.includes(cell)),
    cold: course.threads
      .filter((thread) => !there.has(thread.id) && isCold(thread))
      .map((thread) => ({ thread, classes: since(thread) ?? 0 })),
  };
}
