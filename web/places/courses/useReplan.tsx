import { App, Button } from 'antd';
import { useState } from 'react';
import { courseWeave } from '../../../core/course/plan/courseWeave';
import { type PlanChange, planDifference } from '../../../core/course/plan/planDifference';
import type { Course } from '../../../core/course/schema/course';
import type { StoredCourse } from '../../../core/formats/courseApi';
import type { Group } from '../../../core/group/group';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';
import { today } from '../../app/words';
import { usePlanCourse } from './usePlanCourse';

/** Another plan, shown as what it does otherwise before it is kept. */
export interface Offered {
  readonly course: Course;
  readonly changes: readonly PlanChange[];
}

/** Changing a course: at once, or by planning it anew from its next class on; both can be taken back. */
export function useReplan({ course, revision }: StoredCourse, group: Group) {
  const { message } = App.useApp();
  const [saveCourse] = api.useSaveCourseMutation();
  const planCourse = usePlanCourse();
  const [offered, setOffered] = useState<Offered | null>(null);
  const [isPlanning, setPlanning] = useState(false);

  const saveOver = async (next: Course, of: number, words: string): Promise<void> => {
    try {
      const saved = await saveCourse({ course: next, revision: of }).unwrap();
      message.success(
        <span>
          {words}{' '}
          <Button type="link" onClick={() => void saveOver(course, saved.revision, 'It is as it was.')}>
            Undo
          </Button>
        </span>,
        8,
      );
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  return {
    offered,
    isPlanning,
    /** Keeps a changed course as it is. */
    keep: (next: Course, words: string) => saveOver(next, revision, words),
    /** Keeps the plan that is offered. */
    accept: () => {
      if (offered) void saveOver(offered.course, revision, 'The plan is kept.');
      setOffered(null);
    },
    dismiss: () => setOffered(null),
    /** Looks for a plan of a course as it would be, from its next class on, and offers what would be different. */
    replan: async (changed: Course): Promise<void> => {
      setPlanning(true);
      try {
        const day = today();
        const [before, after] = [course, changed].map((one) => courseWeave(one, group.doors, day).held);
        const from = (after ?? []).filter(({ date }) => date < day).length;
        const { plan } = await planCourse(changed, group, from);
        const held = [...(before ?? []), ...(after ?? [])];
        // What is taught no longer is told too.
        const gone = course.threads.filter(({ id }) => changed.threads.every((one) => one.id !== id));
        const threads = [...changed.threads, ...gone];
        setOffered({ course: { ...changed, plan }, changes: planDifference(threads, held, course.plan, plan) });
      } catch (error) {
        message.error(whyRefused(error));
      } finally {
        setPlanning(false);
      }
    },
  };
}
