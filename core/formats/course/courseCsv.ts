import Papa from 'papaparse';
import type { HeldClass } from '../../course/calendar/courseClasses';
import { cellsOf, isIntroduction } from '../../course/classes/classCells';
import type { Course } from '../../course/schema/course';
import { contentOf } from '../../course/schema/topicContent';
import { topicKind } from '../../course/schema/topicKinds';
import { FORMULAE } from '../formulaGuard';

/**
 * A course's weave as a table (RFC 4180): a row for each thing of each class, with its date, what it is there for, which step, and the
 * minutes it is shown for where it is new.
 */
export function courseCsv(course: Course, held: readonly HeldClass[]): string {
  const places = new Map(held.map(({ id }, place) => [id, place]));
  const rows = held.flatMap(({ id, number, date, startsAt }) =>
    cellsOf(course.threads, course.plan, id, places).map((cell) => {
      const fresh = cell.thread.layers.slice(cell.before, cell.layers);
      return {
        class: number,
        date,
        time: startsAt,
        thread: cell.thread.title,
        what: isIntroduction(cell)
          ? 'new'
          : cell.practised === 1 && topicKind(cell.thread).isInStages
            ? 'shown again'
            : 'practised',
        steps: fresh.map(({ name }) => name).join(', '),
        minutes: fresh.length > 0 ? fresh.reduce((sum, { minutes }) => sum + minutes, 0) : '',
      };
    }),
  );
  return Papa.unparse(rows, {
    columns: ['class', 'date', 'time', 'thread', 'what', 'steps', 'minutes'],
    newline: '\r\n',
    escapeFormulae: FORMULAE,
  });
}

/**
 * A course's introductions as a term is typed, a line a week: "3: Cloud Hands, Add the steps; Brush Knee, Arms only". A form is written
 * with the place it goes to. Read again, it pins what is new to the same classes.
 */
export function courseLines(course: Course, held: readonly HeldClass[]): string {
  const places = new Map(held.map(({ id }, place) => [id, place]));
  return held
    .flatMap(({ id, number }) => {
      const things = cellsOf(course.threads, course.plan, id, places)
        .filter((cell) => isIntroduction(cell) && !contentOf(cell.thread).isSaid)
        .map(({ thread, layers }) => {
          if (contentOf(thread).isRun) return `${thread.title} ${layers}`;
          return thread.layers.length > 1 ? `${thread.title}, ${thread.layers[layers - 1]?.name ?? ''}` : thread.title;
        });
      return things.length > 0 ? [`${number}: ${things.join('; ')}`] : [];
    })
    .join('\n');
}
