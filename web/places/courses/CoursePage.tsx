import { App, Button, Modal } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { HeldClass } from '../../../core/course/calendar/courseClasses';
import { cellsOf } from '../../../core/course/classes/classCells';
import { courseWeave } from '../../../core/course/plan/courseWeave';
import { type PlanChange, planDifference } from '../../../core/course/plan/planDifference';
import { whyCell } from '../../../core/course/plan/whyCell';
import type { Course } from '../../../core/course/schema/course';
import type { StoredCourse } from '../../../core/formats/courseApi';
import type { Group } from '../../../core/group/group';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';
import { Notice, Waiting } from '../../app/shell/Notice';
import { dayInWords, today } from '../../app/words';
import { ClassContents } from './NextClass';
import { useDrawUp } from './useDrawUp';
import { usePlanCourse } from './usePlanCourse';
import { Weave } from './weave/Weave';
import './courses.css';

/** A course: its next class in hand, the weave behind it. */
export function CoursePage() {
  const { id = '' } = useParams();
  const { data, isError, error, refetch } = api.useCourseQuery(id);
  const { data: groups } = api.useGroupsQuery();
  const navigate = useNavigate();
  if (isError) {
    const isGone = error !== undefined && 'status' in error && error.status === 404;
    return isGone ? (
      <Notice action={{ label: 'To the courses', onPress: () => navigate('/courses') }}>
        There is no such course.
      </Notice>
    ) : (
      <Notice action={{ label: 'Try again', onPress: () => void refetch() }}>Vesperum’s server does not answer.</Notice>
    );
  }
  if (!data || !groups) return <Waiting />;
  const group = groups.find((one) => one.id === data.course.groupId);
  if (!group) {
    return (
      <Notice action={{ label: 'To the groups', onPress: () => navigate('/groups') }}>
        The group of this course is put away. Bring it back, and the course goes on.
      </Notice>
    );
  }
  return <CourseShown stored={data} group={group} />;
}

interface Shown {
  readonly stored: StoredCourse;
  readonly group: Group;
}

/** Another plan, shown as what it does otherwise before it is kept. */
interface Offered {
  readonly course: Course;
  readonly changes: readonly PlanChange[];
}

function CourseShown({ stored: { course, revision }, group }: Shown) {
  const { message, modal } = App.useApp();
  const navigate = useNavigate();
  const [saveCourse] = api.useSaveCourseMutation();
  const [removeCourse] = api.useRemoveCourseMutation();
  const [restoreCourse] = api.useRestoreCourseMutation();
  const { data: sessions } = api.useSessionsQuery();
  const planCourse = usePlanCourse();
  const day = today();
  const weave = useMemo(() => courseWeave(course, group.doors, day), [course, group.doors, day]);
  const { held } = weave;
  const from = held.findIndex(({ date }) => date >= day);
  const [classId, setClassId] = useState<string | null>(null);
  const [chosen, setChosen] = useState<{ threadId: string; classId: string } | null>(null);
  const [offered, setOffered] = useState<Offered | null>(null);
  const [isPlanning, setPlanning] = useState(false);
  const shown = held.find(({ id }) => id === classId) ?? held[from] ?? held.at(-1);

  const keep = async (next: Course, of: number, words: string) => {
    try {
      const saved = await saveCourse({ course: next, revision: of }).unwrap();
      message.success(
        <span>
          {words}{' '}
          <Button type="link" onClick={() => void keep(course, saved.revision, 'It is as it was.')}>
            Undo
          </Button>
        </span>,
        8,
      );
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  /** Looks for a plan of a course as it would be, from the next class on; what is different is shown before it is kept. */
  const replan = async (changed: Course) => {
    setPlanning(true);
    try {
      const start = courseWeave(changed, group.doors, day).held.findIndex(({ date }) => date >= day);
      const { plan } = await planCourse(changed, group, Math.max(0, start));
      const next = { ...changed, plan };
      const after = courseWeave(next, group.doors, day).held;
      setOffered({ course: next, changes: planDifference(course, [...held, ...after], course.plan, plan) });
    } catch {
      message.error('The server does not answer, so nothing was planned.');
    } finally {
      setPlanning(false);
    }
  };
  const cancelClass = (one: HeldClass) => {
    const others = course.calendar.changes.filter(({ id }) => id !== one.id);
    const changes = [...others, { kind: 'cancelled' as const, id: one.id, why: '' }];
    void replan({ ...course, calendar: { ...course.calendar, changes } });
  };
  const remove = () =>
    modal.confirm({
      title: `Delete “${course.name}”?`,
      content: 'Its classes stay. It can be brought back right after.',
      okText: 'Delete',
      onOk: async () => {
        await removeCourse(course.id).unwrap();
        navigate('/courses');
        message.success(
          <span>
            The course is deleted.{' '}
            <Button type="link" onClick={() => void restoreCourse(course.id)}>
              Bring it back
            </Button>
          </span>,
          8,
        );
      },
    });

  const session = sessions?.find((one) => one.course?.id === course.id && one.course.classId === shown?.id);
  const places = new Map(held.map(({ id }, place) => [id, place]));
  return (
    <div className="place course">
      <header>
        <div>
          <h1 className="name">{course.name}</h1>
          <p className="faded">
            {group.name}. {held.length} classes
            {held[0] && `, from ${dayInWords(held[0].date, day)}`}.
          </p>
        </div>
        <div className="course-acts">
          <Button loading={isPlanning} disabled={from < 0} onClick={() => void replan(course)}>
            Plan anew
          </Button>
          <Button onClick={remove}>Delete</Button>
        </div>
      </header>
      {shown && (
        <section className="course-class" aria-label={`Class ${shown.number}`}>
          <h2>
            Class {shown.number}, {dayInWords(shown.date, day)} at {shown.startsAt}
          </h2>
          <ClassContents cells={cellsOf(course.threads, course.plan, shown.id, places)} />
          <div className="course-class-acts">
            {session ? (
              <Link to={`/sessions/${session.id}`} className="ant-btn ant-btn-primary">
                Open the class
              </Link>
            ) : (
              <DrawUp course={course} group={group} one={shown} />
            )}
            {shown.date >= day && !session && <Button onClick={() => cancelClass(shown)}>It is cancelled</Button>}
          </div>
        </section>
      )}
      <Weave
        course={course}
        weave={weave}
        today={day}
        chosen={chosen}
        onClass={setClassId}
        onChoose={(threadId, id) => {
          setChosen({ threadId, classId: id });
          setClassId(id);
        }}
      />
      {chosen && (
        <section className="course-why" aria-live="polite">
          <h3>
            {course.threads.find(({ id }) => id === chosen.threadId)?.title}, class{' '}
            {(places.get(chosen.classId) ?? 0) + 1}
          </h3>
          {whyCell(course, weave, chosen.threadId, chosen.classId).map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
        </section>
      )}
      <Modal
        open={offered !== null}
        title="What would be different"
        okText="Keep it"
        cancelText="Leave it as it is"
        onCancel={() => setOffered(null)}
        onOk={() => {
          if (offered) void keep(offered.course, revision, 'The plan is kept.');
          setOffered(null);
        }}
      >
        {offered?.changes.length === 0 && <p>Nothing: this is the best plan that was found.</p>}
        <ul className="course-changes">
          {offered?.changes.map(({ thread, what }) => (
            <li key={thread.id + what}>
              <span className="name">{thread.title}</span>: {what}
            </li>
          ))}
        </ul>
      </Modal>
    </div>
  );
}

function DrawUp({ course, group, one }: { readonly course: Course; readonly group: Group; readonly one: HeldClass }) {
  const { drawUp, isBusy, failure, cancel } = useDrawUp(course, group, one);
  return (
    <>
      <Button type="primary" loading={isBusy} onClick={() => void drawUp()}>
        Draw up this class
      </Button>
      {isBusy && <Button onClick={cancel}>Cancel</Button>}
      {failure && <p role="alert">{failure}</p>}
    </>
  );
}
