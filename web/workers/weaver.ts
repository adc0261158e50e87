import { expose } from 'comlink';
import { courseWeave } from '../../core/course/plan/courseWeave';
import { movePractice, repairPlan } from '../../core/course/plan/movePractice';
import type { Course, CoursePlan } from '../../core/course/schema/course';
import { keepGraphs } from '../../core/course/weave/repairWeave';
import type { Doors } from '../../core/session/plan/slotTime';
import { holdLife } from './keepAlive';

/** Shows what becomes of a course while a knot is pulled about in it; the graphs of its threads are kept warm. */

/** A preview takes no longer than this, milliseconds. */
const PREVIEW_MS = 220;

const graphs = keepGraphs();

const weaver = {
  /** Answers once it lives, and can be missed. */
  awake: holdLife,
  /** Builds the graphs of a course before anything in it is pulled far. */
  warm(course: Course, doors: Doors, day: string, from: number): void {
    repairPlan(course, courseWeave(course, doors, day, from), graphs, () => true);
  },
  /** The plan with a practice in another class; null where it cannot be there. */
  preview(
    course: Course,
    doors: Doors,
    day: string,
    from: number,
    move: { readonly thread: string; readonly from: string; readonly to: string },
  ): CoursePlan | null {
    const end = performance.now() + PREVIEW_MS;
    const { held } = courseWeave(course, doors, day, from);
    const moved = movePractice(course, held, move.thread, move.from, move.to);
    if (!moved) return null;
    return repairPlan(moved, courseWeave(moved, doors, day, from), graphs, () => performance.now() > end);
  },
};
export type Weaver = typeof weaver;

expose(weaver);
