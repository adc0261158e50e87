import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { courseClasses, type HeldClass } from '../../../core/course/calendar/courseClasses';
import { classColumns } from '../../../core/course/classes/classColumns';
import type { Course } from '../../../core/course/schema/course';
import type { Group } from '../../../core/group/group';
import { dayOnPaper, INK, MUTED, quietLines } from '../paperStyle';
import { said } from '../runs';

/** Points of type at full size, and the least that can still be read. */
const FULL = 11.5;
const LEAST = 6.5;
/** Of the page, so many points in height are for the rows, and so many in width for what is in a class. */
const HIGH = 600;
const WIDE = 318;
/** A line is so many times its type high, a letter so many times wide, on the careful side; between rows there is so much air. */
const LINE = 1.32;
const LETTER = 0.53;
const AIR = 0.8;

/** What a row says: what begins, and what goes on. */
interface Row {
  readonly begins: string;
  readonly others: string;
}

/** The largest type in which all rows stand on one page. */
function typeFor(rows: readonly Row[]): number {
  const heightAt = (type: number): number => {
    const linesOf = (text: string) => Math.ceil((text.length * LETTER * type) / WIDE);
    const lines = rows.reduce((sum, { begins, others }) => sum + Math.max(1, linesOf(begins) + linesOf(others)), 0);
    return lines * type * LINE + rows.length * type * AIR;
  };
  let type = FULL;
  while (type > LEAST && heightAt(type) > HIGH) type -= 0.25;
  return type;
}

/** The term on one A4 page to hand out or pin up: the dates, and what begins when. No names of people. */
export function termSheet(
  course: Course,
  held: readonly HeldClass[],
  { name, place }: Pick<Group, 'name' | 'place'>,
  today: string,
): TDocumentDefinitions {
  const cancelled = courseClasses(course.calendar, today).filter((one) => one.cancelled !== null);
  const rows = held.map((_, at): Row => {
    const { fresh, again, back, on } = classColumns(course, held, at);
    const begins = fresh.map(({ thread, before, layers }) => {
      const steps = thread.layers.slice(before, layers).map((layer) => layer.name);
      return thread.layers.length > 1 ? `${thread.title}: ${steps.join(', ')}` : thread.title;
    });
    const others = [...again, ...back, ...on].map(({ thread }) => thread.title);
    return { begins: begins.join('; '), others: others.join(', ') };
  });
  const type = typeFor(rows);
  const row = ({ number, date, startsAt }: HeldClass, at: number): Content[] => {
    const { begins = '', others = '' } = rows[at] ?? {};
    return [
      said(String(number), { alignment: 'right' }),
      said(`${dayOnPaper(date)}, ${startsAt}`),
      {
        stack: [
          ...(begins === '' ? [] : [said(begins, { bold: true })]),
          ...(others === '' ? [] : [said(others, { color: MUTED })]),
        ],
      },
    ];
  };
  const off = cancelled.map(({ date, cancelled: why }) => `${dayOnPaper(date)}${why ? ` (${why})` : ''}`);
  const closed = course.calendar.closures.map(
    ({ from, to, why }) => `${dayOnPaper(from)}${to === from ? '' : ` to ${dayOnPaper(to)}`}${why ? ` (${why})` : ''}`,
  );
  return {
    pageSize: 'A4',
    pageMargins: [46, 44, 46, 44],
    info: { title: course.name, creator: 'Vesperum' },
    defaultStyle: { font: 'Sans', fontSize: type, color: INK },
    content: [
      said(course.name, { fontSize: 22 }, 'Serif'),
      said([name, place].filter(Boolean).join(', '), { color: MUTED, margin: [0, 2, 0, 12] }),
      {
        table: { widths: [22, 132, '*'], dontBreakRows: true, body: held.map(row) },
        layout: quietLines((type * AIR) / 2),
      },
      ...(off.length > 0 ? [said(`No class: ${off.join('; ')}.`, { margin: [0, 10, 0, 0] })] : []),
      ...(closed.length > 0 ? [said(`Closed: ${closed.join('; ')}.`, { margin: [0, 4, 0, 0] })] : []),
      said('Come as you are. Pain is a stop sign; sit when you like.', { color: MUTED, margin: [0, 12, 0, 0] }),
    ],
  };
}
