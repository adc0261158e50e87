import { App, Button } from 'antd';
import { useState } from 'react';
import { courseWeave } from '../../core/course/plan/courseWeave';
import { type PlanChange, planDifference } from '../../core/course/plan/planDifference';
import { type PlanSummary, planSummary } from '../../core/course/plan/planSummary';
import type { Course } from '../../core/course/schema/course';
import type { StoredCourse } from '../../core/formats/api/courseApi';
import type { Group } from '../../core/group/group';
import { today } from '../app/machine/clock';
import { api } from '../app/server/api';
import { whyRefused } from '../app/server/problemIn';
import { type Planning, usePlanCourse } from './usePlanCourse';

/** Another plan, shown as what it does otherwise before it is kept. */
export interface Offered {
  readonly course: Course;
  readonly changes: readonly PlanChange[];
  /** What the plan comes to now, and would come to. */
  readonly summaries: { readonly now: PlanSummary; readonly wouldBe: PlanSummary };
  /** How far it may be from the best there is, where that was looked for. */
  readonly within: string | null;
}

/** How near a plan is to what no plan can do better than: "At most 4 % from the best there can be." */
function withinWords(cost: number, bound: number): string {
  const over = bound > 0 ? Math.round((100 * (cost - bound)) / bound) : 0;
  return over <= 0 ? 'No plan is better by these rules.' : `At most ${over} % from the best there can be.`;
}

/** Changing a course: at once, or by planning it anew from its next class on; both can be taken back. */
export function useReplan({ course, revision }: StoredCourse, group: Group) {
  const { message } = App.useApp();
  const [saveCourse] = api.useSaveCourseMutation();
  const planCourse = usePlanCourse();
  const [offered, setOffered] = useState<Offered | null>(null);
  const [isPlanning, setPlanning] = useState(false);

  /** Answers whether it was saved. */
  const saveOver = async (next: Course, of: number, words: string): Promise<boolean> => {
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
      return true;
    } catch (error) {
      message.error(whyRefused(error));
      return false;
    }
  };
  return {
    offered,
    isPlanning,
    /** Keeps a changed course as it is. */
    keep: (next: Course, words: string) => saveOver(next, revision, words),
    /** Keeps the plan that is offered; where it cannot be saved it is still offered. */
    accept: async (): Promise<void> => {
      if (offered && (await saveOver(offered.course, revision, 'The plan is kept.'))) setOffered(null);
    },
    dismiss: () => setOffered(null),
    /** Looks for a plan of a course as it would be, from its next class on, and offers what would be different. */
    replan: async (changed: Course, how: Planning): Promise<void> => {
      setPlanning(true);
      try {
        const day = today();
        const [before, after] = [course, changed].map((one) => courseWeave(one, group.doors, day).held);
        const from = (after ?? []).filter(({ date }) => date < day).length;
        const { plan, cost, bound } = await planCourse(changed, group, from, how);
        const held = [...(before ?? []), ...(after ?? [])];
        // What is taught no longer is told too.
        const gone = course.threads.filter(({ id }) => changed.threads.every((one) => one.id !== id));
        const threads = [...changed.threads, ...gone];
        const next = { ...changed, plan };
        const summaries = {
          now: planSummary(course, courseWeave(course, group.doors, day)),
          wouldBe: planSummary(next, courseWeave(next, group.doors, day)),
        };
        const changes = planDifference(threads, held, course.plan, plan);
        setOffered({ course: next, changes, summaries, within: how === 'anew' ? withinWords(cost, bound) : null });
      } catch (error) {
        message.error(whyRefused(error));
      } finally {
        setPlanning(false);
      }
    },
  };
}
