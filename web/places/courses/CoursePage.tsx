import { App, Button } from 'antd';
import { useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { courseClasses, type HeldClass, heldClasses } from '../../../core/course/calendar/courseClasses';
import { classLoads } from '../../../core/course/plan/classLoads';
import { type CourseWeave, courseWeave } from '../../../core/course/plan/courseWeave';
import { movePractice } from '../../../core/course/plan/movePractice';
import type { Course } from '../../../core/course/schema/course';
import type { SessionSummary } from '../../../core/formats/api/api';
import type { StoredCourse } from '../../../core/formats/api/courseApi';
import type { Group } from '../../../core/group/group';
import { today } from '../../app/machine/clock';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';
import { lazyPart } from '../../app/shell/lazyPart';
import { Notice, Waiting } from '../../app/shell/Notice';
import { dayInWords } from '../../app/words';
import { ClassContents } from '../../course/ClassContents';
import { OfferedPlan } from '../../course/OfferedPlan';
import { PlanFollows } from '../../course/PlanFollows';
import { useReplan } from '../../course/useReplan';
import { CourseWhy, pinToggled } from './CourseWhy';
import { DrawTerm } from './drawing/DrawTerm';
import { Redraw } from './drawing/Redraw';
import { useDrawUp } from './drawing/useDrawUp';
import { NextDecisions } from './NextDecisions';
import { Weave } from './weave/Weave';
import './courses.css';

const WhatFits = lazyPart(async () => (await import('./WhatFits')).WhatFits, { what: 'What fits', whenIdle: true });

const CourseFiles = lazyPart(async () => (await import('./CourseFiles')).CourseFiles, {
  what: 'Its files',
  waiting: (
    <>
      <Button disabled>Files</Button>
      <Button disabled>Read closures</Button>
    </>
  ),
  whenIdle: true,
});

const CatchUp = lazyPart(async () => (await import('./CatchUp')).CatchUp, {
  what: 'Catching up',
  waiting: <Button disabled>Catch up</Button>,
  whenIdle: true,
});

const ChangeCourse = lazyPart(async () => (await import('./change/ChangeCourse')).ChangeCourse, {
  what: 'Changing the course',
  waiting: <Button disabled>Change</Button>,
  whenIdle: true,
});

/** A course: its next class in hand, the weave behind it. */
export function CoursePage() {
  const { id = '' } = useParams();
  const { data, isError, error, refetch } = api.useCourseQuery(id);
  const { data: groups } = api.useGroupsQuery();
  const { data: sessions, isLoading } = api.useSessionsQuery();
  const navigate = useNavigate();
  const isGone = error !== undefined && 'status' in error && error.status === 404;
  // What is there is still shown while the server is away: a plan that is offered is not lost with it.
  if (isError && (isGone || !data)) {
    return isGone ? (
      <Notice action={{ label: 'To the courses', onPress: () => navigate('/courses') }}>
        There is no such course.
      </Notice>
    ) : (
      <Notice action={{ label: 'Try again', onPress: () => void refetch() }}>Vesperum’s server does not answer.</Notice>
    );
  }
  // Which classes are drawn up decides what can be pressed.
  if (!data || !groups || isLoading) return <Waiting />;
  const group = groups.find((one) => one.id === data.course.groupId);
  if (!group) {
    return (
      <Notice action={{ label: 'To the groups', onPress: () => navigate('/groups') }}>
        The group of this course is put away. Bring it back, and the course goes on.
      </Notice>
    );
  }
  return <CourseShown stored={data} group={group} sessions={sessions} />;
}

interface Shown {
  readonly stored: StoredCourse;
  readonly group: Group;
  /** Undefined where they cannot be had. */
  readonly sessions: readonly SessionSummary[] | undefined;
}

function CourseShown({ stored, group, sessions }: Shown) {
  const { course } = stored;
  const { message, modal } = App.useApp();
  const navigate = useNavigate();
  const [removeCourse] = api.useRemoveCourseMutation();
  const [restoreCourse] = api.useRestoreCourseMutation();
  const { data: logs } = api.useLogsQuery();
  const { offered, isPlanning, keep, accept, dismiss, replan } = useReplan(stored, group);
  const day = today();
  const from = heldClasses(course.calendar, day).filter(({ date }) => date < day).length;
  const weave = useMemo(() => courseWeave(course, group.doors, day, from), [course, group.doors, day, from]);
  const { held } = weave;
  const [classId, setClassId] = useState<string | null>(null);
  const [chosen, setChosen] = useState<{ threadId: string; classId: string } | null>(null);
  const shown = held.find(({ id }) => id === classId) ?? held[from] ?? held.at(-1);
  const cancelled = courseClasses(course.calendar, day).filter(
    ({ cancelled: why, date }) => why !== null && date >= day,
  );

  const cancelClass = (one: HeldClass) => {
    const others = course.calendar.changes.filter(({ id }) => id !== one.id);
    const changes = [...others, { kind: 'cancelled' as const, id: one.id, why: '' }];
    void replan({ ...course, calendar: { ...course.calendar, changes } }, 'follow');
  };
  const holdAgain = (id: string) => {
    const changes = course.calendar.changes.filter((change) => change.id !== id);
    void replan({ ...course, calendar: { ...course.calendar, changes } }, 'follow');
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
            <Button
              type="link"
              onClick={async () => {
                const { error } = await restoreCourse(course.id);
                if (error) message.error(whyRefused(error));
              }}
            >
              Bring it back
            </Button>
          </span>,
          8,
        );
      },
    });

  const session = sessions?.find((one) => one.course?.id === course.id && one.course.classId === shown?.id);
  const taught = new Set(logs?.map(({ sessionId }) => sessionId));
  const drawn = new Set(sessions?.map((one) => (one.course?.id === course.id ? one.course.classId : '')));
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
          <Button loading={isPlanning} disabled={from >= held.length} onClick={() => void replan(course, 'anew')}>
            Plan anew
          </Button>
          <ChangeCourse
            key={stored.revision}
            course={course}
            group={group}
            isPlanning={isPlanning}
            onPlan={(next) => void replan(next, 'adapt')}
          />
          <CatchUp course={course} held={held} next={from} />
          <CourseFiles course={course} group={group} onClosures={(next) => void replan(next, 'follow')} />
          <Button onClick={remove}>Delete</Button>
        </div>
      </header>
      <PlanFollows stored={stored} group={group} />
      {shown && (
        <section className="course-class" aria-label={`Class ${shown.number}`}>
          <h2>
            Class {shown.number}, {dayInWords(shown.date, day)} at {shown.startsAt}
          </h2>
          <ClassContents course={course} held={held} place={shown.number - 1} />
          {shown.number - 1 === from && (
            <NextDecisions
              course={course}
              held={held}
              next={from}
              isPlanning={isPlanning}
              onDecide={(next) => void replan(next, 'follow')}
            />
          )}
          <ClassNotes weave={weave} course={course} place={shown.number - 1} />
          <div className="course-class-acts">
            {session ? (
              <>
                <Button type="primary" onClick={() => navigate(`/sessions/${session.id}`)}>
                  Open the class
                </Button>
                {shown.date >= day && !taught.has(session.id) && (
                  <Redraw key={session.id} course={course} group={group} one={shown} sessionId={session.id} />
                )}
              </>
            ) : (
              <DrawUp course={course} group={group} one={shown} />
            )}
            {shown.date >= day && <Button onClick={() => cancelClass(shown)}>It is cancelled</Button>}
          </div>
        </section>
      )}
      {sessions && (
        <DrawTerm
          course={course}
          group={group}
          classes={held.filter(({ id, date }) => date >= day && !drawn.has(id))}
        />
      )}
      <Weave
        course={course}
        weave={weave}
        today={day}
        chosen={chosen}
        doors={group.doors}
        onMove={(threadId, moved, to) => {
          const next = movePractice(course, held, threadId, moved, to);
          if (next) void replan(next, 'follow');
        }}
        onClass={setClassId}
        onPin={(threadId, id) => {
          const toggled = pinToggled(course, weave, threadId, id);
          if (toggled) void keep(toggled.course, toggled.isPinned ? 'It is pinned.' : 'It is free again.');
        }}
        onChoose={(threadId, id) => {
          setChosen({ threadId, classId: id });
          setClassId(id);
        }}
      />
      <WhatFits key={stored.revision} course={course} group={group} from={from} />
      {cancelled.map(({ id, date }) => (
        <p key={id}>
          The class {dayInWords(date, day)} is cancelled.{' '}
          <Button type="link" onClick={() => holdAgain(id)}>
            It is held after all
          </Button>
        </p>
      ))}
      {chosen && (
        <CourseWhy
          course={course}
          weave={weave}
          {...chosen}
          isPast={(places.get(chosen.classId) ?? 0) < from}
          isPlanning={isPlanning}
          onPin={(next, words) => void keep(next, words)}
          onMove={(next) => void replan(next, 'follow')}
        />
      )}
      <OfferedPlan offered={offered} onKeep={() => void accept()} onDismiss={dismiss} />
    </div>
  );
}

/** What is to be known of a class as it is planned: how full it is, and why nothing is new in it. */
function ClassNotes({
  course,
  weave,
  place,
}: {
  readonly course: Course;
  readonly weave: CourseWeave;
  readonly place: number;
}) {
  const load = classLoads(course, weave)[place];
  const room = weave.rooms[place];
  if (!load || !room) return null;
  const times =
    load.stretch === 1
      ? ''
      : ` What is practised is done for about ${load.stretch.toFixed(1)} times its usual minutes, what works the legs for less.`;
  return (
    <p className="faded course-class-notes">
      {Math.round(load.minutes)} of {Math.round(load.room)} minutes of its main part.{times}
      {room.nothingNew !== null && ` Nothing new: ${room.nothingNew}.`}
    </p>
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
