import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { SchemeWeek } from '../../../core/course/classes/scheme';
import type { Course } from '../../../core/course/schema/course';
import type { Group } from '../../../core/group/group';
import { dayOnPaper, INK, MUTED, quietLines } from '../paperStyle';
import { said } from '../runs';

const HEADS = ['Week', 'Aim', 'Content', 'Adaptations', 'How one sees it was learnt'];

/** A scheme of work as providers of adult education ask for it, landscape A4. No names of people. */
export function schemeOfWork(
  course: Course,
  weeks: readonly SchemeWeek[],
  { name, place }: Pick<Group, 'name' | 'place'>,
): TDocumentDefinitions {
  const list = (lines: readonly string[]): Content =>
    lines.length > 0 ? { stack: lines.map((one) => said(one)) } : said('–', { color: MUTED });
  const row = ({ held, aim, content, adaptations, seen }: SchemeWeek): Content[] => [
    {
      stack: [
        said(String(held.number), { bold: true }),
        said(dayOnPaper(held.date), { color: MUTED }),
        said(`${held.startsAt}, ${held.minutes} min`, { color: MUTED }),
      ],
    },
    said(aim),
    list(content),
    list(adaptations),
    list(seen),
  ];
  return {
    pageSize: 'A4',
    pageOrientation: 'landscape',
    pageMargins: [36, 36, 36, 40],
    info: { title: `${course.name}: scheme of work`, creator: 'Vesperum' },
    defaultStyle: { font: 'Sans', fontSize: 8.8, color: INK },
    footer: (page, pages) => ({
      columns: [
        said('Cautions of each piece apply; local rules and licensed practice go first.', { color: MUTED }),
        { text: `${page} / ${pages}`, alignment: 'right', color: MUTED },
      ],
      margin: [36, 6, 36, 0],
      fontSize: 8,
    }),
    content: [
      said(`${course.name}: scheme of work`, { fontSize: 18 }, 'Serif'),
      said([name, place].filter(Boolean).join(', '), { color: MUTED, margin: [0, 2, 0, 10] }),
      {
        table: {
          headerRows: 1,
          dontBreakRows: true,
          widths: [88, 150, 170, 150, '*'],
          body: [HEADS.map((head) => said(head, { bold: true })), ...weeks.map(row)],
        },
        layout: quietLines(4),
      },
    ],
  };
}
