import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { INK, MUTED } from '../paperStyle';
import { said } from '../runs';

/** What is printed of a stop; everything else is written by hand, and kept on paper. */
export interface StoppedClass {
  readonly title: string;
  /** Who meets, and where; empty where it is not known. */
  readonly group: string;
  readonly place: string;
  /** The day in words. */
  readonly day: string;
  /** When it was stopped by the room's clock, and in which line. */
  readonly stops: readonly { readonly clock: string; readonly line: string }[];
}

/** What is asked, and how many lines there are to answer on. */
const ASKED: readonly (readonly [words: string, lines: number])[] = [
  ['Who was it, and who looked after them', 2],
  ['What was seen and heard', 5],
  ['What was done, and when', 4],
  ['Who else saw it', 2],
  ['Who was told: the hall, their family, a doctor, the insurer', 3],
  ['What is to be done before the next class', 3],
];
/** Between two lines that are written on by hand, points; and the width of a page between its margins. */
const LINE = { apart: 22, wide: 515 } as const;

const answerLines = (many: number): Content => ({
  canvas: Array.from({ length: many }, (_, at) => ({
    type: 'line',
    x1: 0,
    x2: LINE.wide,
    y1: (at + 1) * LINE.apart,
    y2: (at + 1) * LINE.apart,
    lineWidth: 0.4,
    lineColor: '#9a937f',
  })),
});

/** The page that is filled in by hand after a class was stopped: the time and the line are on it, and nothing about anybody. */
export function stopPage({ title, group, place, day, stops }: StoppedClass): TDocumentDefinitions {
  return {
    pageSize: 'A4',
    pageMargins: [40, 36, 40, 50],
    info: { title: 'The class was stopped', creator: 'Vesperum' },
    defaultStyle: { font: 'Sans', fontSize: 11, color: INK },
    footer: () =>
      said('Kept by the rules of the hall and of whoever runs the class. Vesperum keeps none of it.', {
        color: MUTED,
        fontSize: 9,
        margin: [40, 10, 40, 0],
      }),
    content: [
      said('The class was stopped', { fontSize: 20 }, 'Serif'),
      said([title, group, place, day].filter(Boolean).join(' · '), { color: MUTED, margin: [0, 2, 0, 8] }),
      ...stops.map(({ clock, line }) => said(`${clock}, in ${line}`, { bold: true, fontSize: 13 })),
      ...ASKED.flatMap(([words, lines]): Content[] => [
        said(words, { margin: [0, 14, 0, 0], color: MUTED }),
        answerLines(lines),
      ]),
      said('Written by, on', { margin: [0, 16, 0, 0], color: MUTED }),
      answerLines(1),
    ],
  };
}
