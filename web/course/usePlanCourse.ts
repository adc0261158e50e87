import { useCallback } from 'react';
import { finishPlan } from '../../core/course/plan/comeRound';
import { type CourseWeave, courseWeave, planByClass, planByPlace } from '../../core/course/plan/courseWeave';
import { holdsAsItIs, keepingTo } from '../../core/course/plan/reflow';
import type { Course, CoursePlan } from '../../core/course/schema/course';
import type { Group } from '../../core/group/group';
import { today } from '../app/machine/clock';
import { api } from '../app/server/api';

/**
 * How a course is planned: `follow` changes nothing where the plan still holds, and else as little as may be; `adapt` takes in what is
 * new, changing as little as may be; `anew` looks for the best plan there is.
 */
export type Planning = 'follow' | 'adapt' | 'anew';

/** Seconds a plan is looked for at most: a term is mostly found at once, and what only follows is waited for. */
const SECONDS: Readonly<Record<Planning, number>> = { follow: 0.8, adapt: 2, anew: 4 };

/** A plan that was found, and how far it may be from the best there is. */
export interface FoundPlan {
  readonly plan: CoursePlan;
  readonly cost: number;
  readonly bound: number;
}

/** Whether the plan of a course still holds under what is known today, from a class on. */
export const doesPlanHold = (course: Course, ready: CourseWeave): boolean =>
  holdsAsItIs(ready.instance, planByPlace(course, ready));

/** Plans the classes of a course from a place on, beginning with what it has; throws where the server cannot be asked. */
export function usePlanCourse(): (course: Course, group: Group, from: number, how: Planning) => Promise<FoundPlan> {
  const [weave] = api.useWeaveMutation();
  return useCallback(
    async (course, group, from, how) => {
      const ready = courseWeave(course, group.doors, today(), from);
      const start = planByPlace(course, ready);
      if (how === 'follow' && holdsAsItIs(ready.instance, start)) {
        return { plan: planByClass(course, ready, start), cost: 0, bound: 0 };
      }
      const instance = how === 'anew' ? ready.instance : keepingTo(ready.instance, start);
      const { plan, cost, bound } = await weave({ instance, seconds: SECONDS[how], start }).unwrap();
      return { plan: finishPlan(course, ready, plan), cost, bound };
    },
    [weave],
  );
}
