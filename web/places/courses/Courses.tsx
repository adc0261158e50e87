import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import { heldClasses } from '../../../core/course/calendar/courseClasses';
import type { Course } from '../../../core/course/schema/course';
import { today } from '../../app/machine/clock';
import { api } from '../../app/server/api';
import { Notice, Waiting } from '../../app/shell/Notice';
import { dayInWords } from '../../app/words';
import { NextClass } from './NextClass';
import { ReadCourseFile } from './ReadCourseFile';
import './courses.css';

/** The next class of every course: what goes on, what comes back, what is new. */
export function Courses() {
  const { data: courses, isError, refetch } = api.useCoursesQuery();
  const { data: groups } = api.useGroupsQuery();
  const navigate = useNavigate();
  if (isError && !courses) {
    return (
      <Notice action={{ label: 'Try again', onPress: () => void refetch() }}>Vesperum’s server does not answer.</Notice>
    );
  }
  if (!courses || !groups) return <Waiting />;
  if (courses.length === 0) {
    return (
      <Notice action={{ label: 'Plan a course', onPress: () => navigate('/courses/new') }}>
        A course spreads what is taught over the weeks, and draws up each class from it.
      </Notice>
    );
  }
  return (
    <div className="place courses">
      <header>
        <h1>Courses</h1>
        <div className="course-acts">
          <ReadCourseFile groups={groups} />
          <Button type="primary" onClick={() => navigate('/courses/new')}>
            Plan a course
          </Button>
        </div>
      </header>
      <ul className="courses-list">
        {bySoonest(courses.map(({ course }) => course)).map((course) => (
          <li key={course.id}>
            <h2>
              <Link to={`/courses/${course.id}`} className="name">
                {course.name}
              </Link>
            </h2>
            <p className="faded">
              {groups.find(({ id }) => id === course.groupId)?.name ?? 'A group that is put away'}. {spanOf(course)}
            </p>
            <NextClass course={course} />
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Courses by their next class, the soonest first; those that are over last. */
function bySoonest(courses: readonly Course[]): Course[] {
  const next = ({ calendar }: Course) => {
    const one = heldClasses(calendar, today()).find(({ date }) => date >= today());
    return one ? `${one.date} ${one.startsAt}` : 'over';
  };
  return courses.toSorted((a, b) => (next(a) < next(b) ? -1 : 1));
}

/** From when to when a course runs: "12 classes, until Tuesday 23 February". */
function spanOf({ calendar }: Course): string {
  const held = heldClasses(calendar, today());
  const last = held.at(-1);
  if (!last) return 'No class of it is held.';
  if (calendar.ends.kind === 'open') return 'Without an end.';
  return `${held.length} ${held.length === 1 ? 'class' : 'classes'}, until ${dayInWords(last.date, today())}.`;
}
