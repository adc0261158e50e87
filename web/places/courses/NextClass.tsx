import { heldClasses } from '../../../core/course/calendar/courseClasses';
import { type ClassCell, cellsOf, isIntroduction } from '../../../core/course/classes/classCells';
import type { Course } from '../../../core/course/schema/course';
import { dayInWords, today } from '../../app/words';

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
