import { App, Radio } from 'antd';
import { useRef } from 'react';
import { Link } from 'react-router';
import { heldClasses } from '../../../core/course/calendar/courseClasses';
import { withSeen } from '../../../core/course/classes/askedAfter';
import { cellsOf, isIntroduction } from '../../../core/course/classes/classCells';
import type { Taken } from '../../../core/course/schema/course';
import { topicKind } from '../../../core/course/schema/topicKinds';
import type { StoredCourse } from '../../../core/formats/api/courseApi';
import type { Session } from '../../../core/session/plan/session';
import { today } from '../../app/machine/clock';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';
import { TAKEN_WORDS } from '../../class/words/takenWords';
import { PlanFollows } from '../../course/PlanFollows';

interface Props {
  readonly of: NonNullable<Session['course']>;
  /** Ids of topics of which every line was left out: of those nobody asks. */
  readonly leftOut: readonly string[];
}

/** After a class of a course: how each thing that was taught was taken, by one press each. The course goes by it when it is planned anew. */
export function WhatWasTaken({ of, leftOut }: Props) {
  const { data } = api.useCourseQuery(of.id);
  const [saveCourse] = api.useSaveCourseMutation();
  const { data: groups } = api.useGroupsQuery();
  const { message } = App.useApp();
  const saved = useRef<StoredCourse | null>(null);
  const saving = useRef(Promise.resolve());
  if (!data) return null;
  const { course } = data;
  const group = groups?.find(({ id }) => id === course.groupId);
  const places = new Map(heldClasses(course.calendar, today()).map(({ id }, place) => [id, place]));
  const cells = cellsOf(course.threads, course.plan, of.classId, places).filter(
    ({ thread }) => !topicKind(thread).isByMinutes && !leftOut.includes(thread.id),
  );
  if (cells.length === 0) return null;
  /** Each press is saved over what the one before it has left, however quickly they come. */
  const say = (thread: string, taken: Taken) => {
    saving.current = saving.current.then(async () => {
      const now = saved.current && saved.current.revision > data.revision ? saved.current : data;
      try {
        const next = withSeen(now.course, of.classId, thread, taken);
        saved.current = await saveCourse({ course: next, revision: now.revision }).unwrap();
      } catch (error) {
        message.error(whyRefused(error));
      }
    });
  };
  return (
    <section className="log-taken" aria-label="How it was taken">
      <h2>How it was taken</h2>
      <ul>
        {cells.map((cell) => (
          <li key={cell.thread.id}>
            <span className="name">{cell.thread.title}</span>
            <span className="faded">
              {isIntroduction(cell)
                ? cell.thread.layers
                    .slice(cell.before, cell.layers)
                    .map(({ name }) => name)
                    .join(', ')
                : ''}
            </span>
            <Radio.Group
              aria-label={`How ${cell.thread.title} was taken`}
              optionType="button"
              options={[...TAKEN_WORDS]}
              value={
                course.seen.find((one) => one.classId === of.classId && one.thread === cell.thread.id)?.taken ?? null
              }
              onChange={({ target }) => say(cell.thread.id, target.value as Taken)}
            />
          </li>
        ))}
      </ul>
      {group && <PlanFollows stored={data} group={group} />}
      <p className="faded">
        <Link to={`/courses/${course.id}`}>{course.name}</Link> goes by it.
      </p>
    </section>
  );
}
