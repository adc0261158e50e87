import { heldClasses } from '../../../core/course/calendar/courseClasses';
import { cellsOf } from '../../../core/course/classes/classCells';
import type { Course } from '../../../core/course/schema/course';
import { dayInWords, today } from '../../app/words';
import { ClassContents } from '../../class/ClassContents';

/** The next class of a course, and what it is for. */
export function NextClass({ course }: { readonly course: Course }) {
  const held = heldClasses(course.calendar, today());
  const next = held.find(({ date }) => date >= today());
  if (!next) return <p>All its classes are past.</p>;
  const places = new Map(held.map(({ id }, place) => [id, place]));
  return (
    <section className="next-class" aria-label={`The next class of ${course.name}`}>
      <p>
        Class {next.number}
        {course.calendar.ends.kind !== 'open' && ` of ${held.length}`}, {dayInWords(next.date, today())} at{' '}
        {next.startsAt}
      </p>
      <ClassContents cells={cellsOf(course.threads, course.plan, next.id, places)} />
    </section>
  );
}
