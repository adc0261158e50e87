import { useCallback } from 'react';
import { courseWeave, planByClass, planByPlace } from '../../../core/course/plan/courseWeave';
import { fillPlan } from '../../../core/course/plan/fillPlan';
import type { Course, CoursePlan } from '../../../core/course/schema/course';
import type { Group } from '../../../core/group/group';
import { api } from '../../app/server/api';
import { today } from '../../app/words';

/** Seconds a plan is looked for at most; a term is mostly found at once. */
const SECONDS = 4;

/** A plan that was found, and how far it may be from the best there is. */
export interface FoundPlan {
  readonly plan: CoursePlan;
  readonly cost: number;
  readonly bound: number;
}

/** Plans the classes of a course from a place on, beginning with what it has; throws where the server cannot be asked. */
export function usePlanCourse(): (course: Course, group: Group, from: number) => Promise<FoundPlan> {
  const [weave] = api.useWeaveMutation();
  return useCallback(
    async (course, group, from) => {
      const ready = courseWeave(course, group.doors, today(), from);
      const start = planByPlace(course, ready);
      const { plan, cost, bound } = await weave({ instance: ready.instance, seconds: SECONDS, start }).unwrap();
      return { plan: planByClass(course, ready, fillPlan(ready.instance, plan)), cost, bound };
    },
    [weave],
  );
}
