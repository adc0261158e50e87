import { Link } from 'react-router';
import { heldClasses } from '../../core/course/calendar/courseClasses';
import { type ClassCell, cellsOf, isIntroduction } from '../../core/course/classes/classCells';
import type { Session } from '../../core/session/plan/session';
import { api } from '../app/server/api';
import { today } from '../app/words';
import './classContents.css';

/** A layer as it is introduced: "Cloud Hands: Add the steps". */
const newWords = ({ thread, before, layers }: ClassCell): string => {
  const names = thread.layers.slice(before, layers).map(({ name }) => name);
  return names.length === 1 && names[0] === thread.title ? thread.title : `${thread.title}: ${names.join(', ')}`;
};

/** What a class is for, in columns: what is new, what is shown again, what goes on; those with nothing are left out. */
export function ClassContents({ cells }: { readonly cells: readonly ClassCell[] }) {
  const fresh = cells.filter(isIntroduction);
  const kept = cells.filter((cell) => !isIntroduction(cell));
  const again = kept.filter(({ practised, thread }) => practised === 1 && thread.kind === 'steps');
  const goesOn = kept.filter((cell) => !again.includes(cell));
  const columns = [
    { title: 'New', words: fresh.map(newWords) },
    { title: 'Shown again', words: again.map(({ thread }) => thread.title) },
    { title: 'Going on', words: goesOn.map(({ thread }) => thread.title) },
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
  if (!data || session.course === null) return null;
  const { course } = data;
  const held = heldClasses(course.calendar, today());
  const one = held.find(({ id }) => id === session.course?.classId);
  if (!one) return null;
  const places = new Map(held.map(({ id }, place) => [id, place]));
  return (
    <section className="course-of-class" aria-label="What the course wants of it">
      <p>
        Class {one.number} of <Link to={`/courses/${course.id}`}>{course.name}</Link>
      </p>
      <ClassContents cells={cellsOf(course.threads, course.plan, one.id, places)} />
    </section>
  );
}
