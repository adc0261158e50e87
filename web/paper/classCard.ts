import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { clamp } from 'remeda';
import { classBegins } from '../../core/session/plan/slotTime';
import { clockAt } from '../../core/words/clockWords';
import { sectionWord } from '../../core/words/sectionWord';
import { figureSvg } from './figureSvg';
import { hallSheetPage } from './hallSheetPage';
import { type PaperClass, tellingPose } from './paperClass';
import { said } from './runs';

export type CardSize = 'A5' | 'A4';

/** Sizes in points for a class of few lines: an A5 card is read from a chair, an A4 one from further away. */
const SIZES = {
  A5: { name: 13, small: 8, figure: 25, row: 2, margin: 20, clockWidth: 38, countWidth: 96 },
  A4: { name: 18.5, small: 11.5, figure: 36, row: 3, margin: 30, clockWidth: 56, countWidth: 140 },
} as const;
/** So many lines stand on two pages at full size; more are set smaller, down to where they can still be read. */
const AT_FULL_SIZE = 27;
const SMALLEST = 0.68;

/** The sizes that bring a class of so many lines onto two pages. */
function sizesFor(size: CardSize, lines: number) {
  const { margin, ...full } = SIZES[size];
  const by = clamp(AT_FULL_SIZE / Math.max(1, lines), { min: SMALLEST, max: 1 });
  const set = Object.fromEntries(Object.entries(full).map(([name, points]) => [name, points * by]));
  return { ...(set as Record<keyof typeof full, number>), margin };
}

/** The card to prop on a chair: large type, figures, counts and the clock, on one or two pages. */
export function classCard({ session, timeline, cues, hall, ways }: PaperClass, size: CardSize): TDocumentDefinitions {
  const of = sizesFor(size, cues.length);
  const row = (cue: PaperClass['cues'][number]): Content[] => {
    const second = [
      cue.opens,
      cue.sides,
      cue.lowest,
      cue.calls.map(({ call }) => call).join(' / '),
      cue.settles && `then ${cue.settles}`,
      cue.note,
      ways.get(cue.itemId),
    ]
      .filter(Boolean)
      .join(' · ');
    return [
      {
        ...(said(clockAt(classBegins(session), cue.startMs).slice(0, 5)) as object),
        fontSize: of.name,
        bold: true,
      } as Content,
      cue.movement
        ? { svg: figureSvg(tellingPose(cue.movement)), fit: [of.figure, of.figure], alignment: 'center' }
        : { text: '' },
      {
        margin: [cue.depth * 7, 0, 0, 0],
        stack: [
          said(`${cue.title}  ${cue.chinese}`.trim(), { fontSize: of.name, lineHeight: 0.95 }, 'Serif'),
          ...(second === '' ? [] : [said(second, { fontSize: of.small, color: '#5d5c66' })]),
        ],
      },
      said(cue.count, { fontSize: of.name * 0.78, alignment: 'right' }),
    ];
  };
  const sections = session.sections.flatMap((section): Content[] => {
    const lines = cues.filter((cue) => section.items.some(({ id }) => id === cue.itemId));
    if (lines.length === 0) return [];
    return [
      said(sectionWord(section.kind), {
        fontSize: of.small + 1.5,
        bold: true,
        color: '#85500f',
        margin: [0, of.row * 1.5, 0, 0],
      }),
      {
        table: {
          widths: [of.clockWidth, of.figure + 2, '*', of.countWidth],
          dontBreakRows: true,
          body: lines.map(row),
        },
        layout: {
          hLineWidth: () => 0.4,
          vLineWidth: () => 0,
          hLineColor: () => '#d8cfbb',
          paddingLeft: () => 0,
          paddingRight: () => 4,
          paddingTop: () => of.row,
          paddingBottom: () => of.row,
        },
      },
    ];
  });
  const ends = clockAt(classBegins(session), timeline.totalMs).slice(0, 5);
  return {
    pageSize: size,
    pageMargins: [of.margin, of.margin, of.margin, of.margin + 10],
    info: { title: session.title, creator: 'Vesperum' },
    defaultStyle: { font: 'Sans', fontSize: of.small, color: '#232742' },
    footer: (page, pages) => ({
      columns: [
        said('Pain is a stop sign. Keep breathing. Sit when you like.', { color: '#5d5c66' }),
        { text: `${page} / ${pages}`, alignment: 'right', color: '#5d5c66' },
      ],
      margin: [of.margin, 4, of.margin, 0],
      fontSize: of.small,
    }),
    content: [
      {
        columns: [
          said(session.title, { fontSize: of.name * 1.25 }, 'Serif'),
          said(`${classBegins(session)} – ${ends}`, { fontSize: of.name, alignment: 'right', bold: true }),
        ],
      },
      ...sections,
      ...hallSheetPage(hall, of.name),
    ],
  };
}
