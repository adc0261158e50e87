import { heldClasses } from '../../../core/course/calendar/courseClasses';
import type { Course } from '../../../core/course/schema/course';
import { today } from '../../app/machine/clock';
import { dayInWords } from '../../app/words';
import { ClassContents } from '../../course/ClassContents';

/** The next class of a course, and what it is for. */
export function NextClass({ course }: { readonly course: Course }) {
  const held = heldClasses(course.calendar, today());
  const next = held.find(({ date }) => date >= today());
  if (!next) return <p>All its classes are past.</p>;
  return (
    <section className="next-class" aria-label={`The next class of ${course.name}`}>
      <p>
        Class {next.number}
        {course.calendar.ends.kind !== 'open' && ` of ${held.length}`}, {dayInWords(next.date, today())} at{' '}
        {next.startsAt}
      </p>
      <ClassContents course={course} held={held} place={next.number - 1} />
    </section>
  );
}
