import { today } from '../app/machine/clock';
import './classContents.css';
import { Button } from 'antd';
import { useMemo } from 'react';
import { heldClasses } from '../../core/course/calendar/courseClasses';
import { courseWeave } from '../../core/course/plan/courseWeave';
import type { StoredCourse } from '../../core/formats/api/courseApi';
import type { Group } from '../../core/group/group';
import { OfferedPlan } from './OfferedPlan';
import { doesPlanHold } from './usePlanCourse';
import { useReplan } from './useReplan';

interface Props {
  readonly stored: StoredCourse;
  readonly group: Group;
}

/** Says where a plan no longer fits what was seen and what has happened, and lets it follow; nothing where it still holds. */
export function PlanFollows({ stored, group }: Props) {
  const { course } = stored;
  const { offered, isPlanning, accept, dismiss, replan } = useReplan(stored, group);
  const day = today();
  const holds = useMemo(() => {
    const from = heldClasses(course.calendar, day).filter(({ date }) => date < day).length;
    return doesPlanHold(course, courseWeave(course, group.doors, day, from));
  }, [course, group.doors, day]);
  if (holds && !offered) return null;
  return (
    <div className="plan-follows" role="status">
      <p>
        The plan no longer fits what was seen and what has happened since it was made.{' '}
        <Button type="link" loading={isPlanning} onClick={() => void replan(course, 'follow')}>
          Let it follow
        </Button>
      </p>
      <OfferedPlan offered={offered} onKeep={() => void accept()} onDismiss={dismiss} />
    </div>
  );
}
