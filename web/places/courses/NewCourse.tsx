import { App, Button, DatePicker, Input, InputNumber, Select, TimePicker } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { CourseCalendar, Meeting } from '../../../core/course/calendar/calendar';
import { heldClasses } from '../../../core/course/calendar/courseClasses';
import { Course } from '../../../core/course/schema/course';
import { usualRules } from '../../../core/course/schema/rules';
import type { CourseThread } from '../../../core/course/schema/thread';
import { knownAlready, threadsAgain, threadsGoingOn } from '../../../core/course/syllabus/fromCourse';
import { readSyllabus } from '../../../core/course/syllabus/readSyllabus';
import { READY_MADE, type ReadyMade, threadsOf } from '../../../core/course/syllabus/readyMade';
import type { StoredCourse } from '../../../core/formats/api/courseApi';
import type { Group } from '../../../core/group/group';
import { nowMs, today } from '../../app/machine/clock';
import { freshId } from '../../app/machine/freshId';
import { useRepertoire } from '../../app/repertoire';
import { api } from '../../app/server/api';
import { Notice, Waiting } from '../../app/shell/Notice';
import { WEEKDAYS } from '../../app/words';
import { usePlanCourse } from '../../course/usePlanCourse';
import { SyllabusChoice, type SyllabusFrom, titleOf } from './SyllabusChoice';
import { TypedSyllabus } from './TypedSyllabus';
import './courses.css';

const USUAL_COUNT = 8;

/** A course is begun from a ready-made syllabus or from typed lines, for a group: everything else is proposed. */
export function NewCourse() {
  const { data: groups, isError, refetch } = api.useGroupsQuery();
  const { data: courses = [], isLoading } = api.useCoursesQuery();
  const navigate = useNavigate();
  if (isError && !groups) {
    return (
      <Notice action={{ label: 'Try again', onPress: () => void refetch() }}>Vesperum’s server does not answer.</Notice>
    );
  }
  if (!groups || isLoading) return <Waiting />;
  const [first] = groups;
  if (!first) {
    return (
      <Notice action={{ label: 'Make a group', onPress: () => navigate('/groups') }}>
        A course is for a group: say first who comes, and when.
      </Notice>
    );
  }
  return <NewCourseForm groups={groups} courses={courses} first={first} />;
}

const meetingOf = (group: Group): Meeting => group.meetings[0] ?? { weekday: 2, startsAt: '19:00', minutes: 60 };

/** The first day from today on that is a weekday. */
const firstDayOn = (weekday: number): string => {
  const ahead = Array.from({ length: 7 }, (_, days) => dayjs(nowMs()).add(days, 'day'));
  return (ahead.find((day) => day.day() === weekday % 7) ?? dayjs(nowMs())).format('YYYY-MM-DD');
};

interface FormProps {
  readonly groups: readonly Group[];
  readonly courses: readonly StoredCourse[];
  readonly first: Group;
}

function NewCourseForm({ groups, courses, first }: FormProps) {
  const { find, forms, search } = useRepertoire();
  const { message } = App.useApp();
  const navigate = useNavigate();
  const planCourse = usePlanCourse();
  const [addCourse] = api.useAddCourseMutation();
  const [group, setGroup] = useState(first);
  const [from, setFrom] = useState<SyllabusFrom>({ kind: 'ready', ready: READY_MADE[0] as ReadyMade });
  const ready = from.kind === 'ready' ? from.ready : null;
  const [typed, setTyped] = useState('');
  const [meeting, setMeeting] = useState(() => meetingOf(first));
  const [firstDay, setFirstDay] = useState(() => firstDayOn(meetingOf(first).weekday));
  const [count, setCount] = useState(() =>
    READY_MADE[0]?.ends.kind === 'classes' ? READY_MADE[0].ends.count : USUAL_COUNT,
  );
  const [name, setName] = useState<string | null>(null);
  const [isPlanning, setPlanning] = useState(false);
  const title = name ?? `${group.name}: ${titleOf(from)}`;
  const calendar: CourseCalendar = {
    firstDay,
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    meetings: [meeting],
    ends: !ready || ready.ends.kind === 'classes' ? { kind: 'classes', count } : ready.ends,
    closures: [],
    changes: [],
  };
  const choose = (next: SyllabusFrom) => {
    setFrom(next);
    if (next.kind === 'ready' && next.ready.ends.kind === 'classes') setCount(next.ready.ends.count);
  };
  const read =
    from.kind !== 'typed' ? null : readSyllabus(typed, heldClasses(calendar, today()), { search, find, forms });
  const isReady = title.trim() !== '' && (read === null || (read.threads.length > 0 && read.faults.length === 0));

  const threadsFrom = (chosen: SyllabusFrom): readonly CourseThread[] => {
    switch (chosen.kind) {
      case 'ready':
        return threadsOf(chosen.ready, find, forms, group.asked.strength, calendar.meetings[0]?.minutes);
      case 'typed':
        return read?.threads ?? [];
      case 'again':
        return threadsAgain(chosen.course, today());
      case 'on':
        return threadsGoingOn(chosen.course, firstDay);
    }
  };
  const begin = async () => {
    setPlanning(true);
    const course = Course.parse({
      id: freshId('course'),
      name: title,
      groupId: group.id,
      calendar,
      rules: usualRules(group.asked.strength),
      threads: knownAlready(threadsFrom(from), group.knows),
      ...(from.kind === 'again' || from.kind === 'on'
        ? { warmUp: from.course.warmUp, coolDown: from.course.coolDown }
        : {}),
    });
    try {
      const { plan } = await planCourse(course, group, 0, 'anew');
      await addCourse({ ...course, plan }).unwrap();
      navigate(`/courses/${course.id}`);
    } catch {
      message.error('The server does not answer, so no course was made. What you chose is still here.');
      setPlanning(false);
    }
  };

  return (
    <form
      className="place new-course"
      onSubmit={(event) => {
        event.preventDefault();
        void begin();
      }}
    >
      <h1>Plan a course</h1>
      <label htmlFor="course-group">For whom</label>
      <Select
        id="course-group"
        value={group.id}
        options={groups.map(({ id, name: label }) => ({ value: id, label }))}
        onChange={(id) => {
          const chosen = groups.find((one) => one.id === id) ?? group;
          setGroup(chosen);
          setMeeting(meetingOf(chosen));
          setFirstDay(firstDayOn(meetingOf(chosen).weekday));
        }}
      />
      <SyllabusChoice from={from} courses={courses} onChange={choose} />
      {read && (
        <>
          <label htmlFor="course-typed">The weeks</label>
          <TypedSyllabus text={typed} read={read} onChange={setTyped} />
        </>
      )}
      <label htmlFor="course-day">First day</label>
      <DatePicker
        id="course-day"
        allowClear={false}
        value={dayjs(firstDay)}
        format="ddd D MMM YYYY"
        onChange={(day) => {
          if (!day) return;
          setFirstDay(day.format('YYYY-MM-DD'));
          setMeeting((now) => ({ ...now, weekday: day.day() === 0 ? 7 : day.day() }));
        }}
      />
      <label htmlFor="course-time">Every {WEEKDAYS[meeting.weekday - 1]} at</label>
      <span className="new-course-time">
        <TimePicker
          id="course-time"
          allowClear={false}
          format="HH:mm"
          minuteStep={5}
          value={dayjs(`${today()}T${meeting.startsAt}`)}
          onChange={(time) => time && setMeeting((now) => ({ ...now, startsAt: time.format('HH:mm') }))}
        />
        <label htmlFor="course-minutes">for</label>
        <InputNumber
          id="course-minutes"
          min={15}
          max={240}
          suffix="min"
          value={meeting.minutes}
          onChange={(minutes) => minutes !== null && setMeeting((now) => ({ ...now, minutes }))}
        />
      </span>
      {calendar.ends.kind === 'classes' && (
        <>
          <label htmlFor="course-count">Classes</label>
          <InputNumber
            id="course-count"
            min={2}
            max={40}
            value={count}
            onChange={(many) => many !== null && setCount(many)}
          />
        </>
      )}
      <label htmlFor="course-name">Called</label>
      <Input id="course-name" maxLength={120} value={title} onChange={({ target }) => setName(target.value)} />
      <div className="new-course-act">
        <Button type="primary" htmlType="submit" loading={isPlanning} disabled={!isReady}>
          {isPlanning ? 'Planning' : 'Plan it'}
        </Button>
      </div>
    </form>
  );
}
