import type { HeldClass } from '../calendar/courseClasses';
import type { Course } from '../schema/course';
import { cellsOf, isIntroduction } from './classCells';

/** Something that was new in a class that was missed. */
export interface Missed {
  readonly title: string;
  /** What was introduced, step by step. */
  readonly steps: readonly string[];
  /** The number of the class. */
  readonly number: number;
  /** Minutes it was shown for. */
  readonly minutes: number;
  /** The class, come to since, in which it was shown again; null where it was not. */
  readonly shownAgain: number | null;
  /** Whether the next class builds on it. */
  readonly isNeeded: boolean;
}

/**
 * What somebody missed, in the order in which it was taught; what they need before the next class is marked.
 * @param missed the identities of the classes they were not in
 * @param next the place of the next class: only what lies before it can have been missed
 */
export function catchUp(
  course: Course,
  held: readonly HeldClass[],
  missed: ReadonlySet<string>,
  next: number,
): Missed[] {
  const places = new Map(held.map(({ id }, place) => [id, place]));
  const cellsAt = (place: number) => cellsOf(course.threads, course.plan, held[place]?.id ?? '', places);
  const comesNext = new Set(cellsAt(next).map(({ thread }) => thread.id));
  return held.slice(0, next).flatMap(({ id, number }, place) => {
    if (!missed.has(id)) return [];
    return cellsAt(place)
      .filter(isIntroduction)
      .map(({ thread, before, layers }): Missed => {
        const again = held
          .slice(place + 1, next)
          .find(
            (later) =>
              !missed.has(later.id) && (course.plan[thread.id] ?? []).some(({ classId }) => classId === later.id),
          );
        const fresh = thread.layers.slice(before, layers);
        return {
          title: thread.title,
          steps: fresh.map(({ name }) => name),
          number,
          minutes: fresh.reduce((sum, one) => sum + one.minutes, 0),
          shownAgain: again?.number ?? null,
          isNeeded: again === undefined && comesNext.has(thread.id),
        };
      });
  });
}
