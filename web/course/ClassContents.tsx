import { Link } from 'react-router';
import { type HeldClass, heldClasses } from '../../core/course/calendar/courseClasses';
import type { ClassCell } from '../../core/course/classes/classCells';
import { classColumns } from '../../core/course/classes/classColumns';
import type { Course } from '../../core/course/schema/course';
import type { Session } from '../../core/session/plan/session';
import { today } from '../app/machine/clock';
import { api } from '../app/server/api';
import { PlanFollows } from './PlanFollows';
import { useNotSeen } from './useNotSeen';
import './classContents.css';

/** A layer as it is introduced: "Cloud Hands: Add the steps". */
const newWords = ({ thread, before, layers }: ClassCell): string => {
  const names = thread.layers.slice(before, layers).map(({ name }) => name);
  return names.length === 1 && names[0] === thread.title ? thread.title : `${thread.title}: ${names.join(', ')}`;
};

interface Contents {
  readonly course: Course;
  readonly held: readonly HeldClass[];
  /** The place of the class among those held. */
  readonly place: number;
}

/** What a class is for, in columns: what is new, shown again, comes back, goes on, gets cold; those with nothing are left out. */
export function ClassContents({ course, held, place }: Contents) {
  const { fresh, again, back, on, cold } = classColumns(course, held, place);
  const unseen = useNotSeen(course, held[place]?.date ?? today());
  const titles = (cells: readonly ClassCell[]) => cells.map(({ thread }) => thread.title);
  const columns = [
    { title: 'New', words: fresh.map(newWords) },
    { title: 'Shown again', words: titles(again) },
    { title: 'Coming back', words: titles(back) },
    { title: 'Going on', words: titles(on) },
    { title: 'Not seen yet by some', words: unseen },
    { title: 'Getting cold', words: cold.map(({ thread, classes }) => `${thread.title}, ${classes} classes ago`) },
  ];
  return (
    <dl className="class-contents">
      {columns
        .filter(({ words }) => words.length > 0)
        .map(({ title, words }) => (
          <div key={title}>
            <dt>{title}</dt>
            {words.map((word) => (
              <dd key={word}>{word}</dd>
            ))}
          </div>
        ))}
    </dl>
  );
}

/** What its course wants of a class; nothing where it is a class by itself, or its course is gone. */
export function CourseOfClass({ session }: { readonly session: Pick<Session, 'course'> }) {
  const { data } = api.useCourseQuery(session.course?.id ?? '', { skip: session.course === null });
  const { data: groups } = api.useGroupsQuery();
  if (!data || session.course === null) return null;
  const { course } = data;
  const held = heldClasses(course.calendar, today());
  const one = held.find(({ id }) => id === session.course?.classId);
  if (!one) return null;
  const group = groups?.find(({ id }) => id === course.groupId);
  return (
    <section className="course-of-class" aria-label="What the course wants of it">
      <p>
        Class {one.number} of <Link to={`/courses/${course.id}`}>{course.name}</Link>
      </p>
      <ClassContents course={course} held={held} place={one.number - 1} />
      {group && <PlanFollows stored={data} group={group} />}
    </section>
  );
}
