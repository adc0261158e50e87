import type { Content } from 'pdfmake/interfaces';
import type { Hall } from '../../core/hall/hall';
import { sheetLines } from '../../core/hall/sheetLines';
import { said } from './runs';

/** What one needs at once when something happens, for the back of a card; nothing where nothing is written down. */
export function hallSheetPage(hall: Hall | null, size: number): Content[] {
  const lines = hall ? sheetLines(hall.sheet) : [];
  if (!hall || lines.length === 0) return [];
  return [
    { ...(said(hall.name, { fontSize: size * 1.3 }, 'Serif') as object), pageBreak: 'before' } as Content,
    said('When something happens', { color: '#9c4632', bold: true, margin: [0, 2, 0, 6], fontSize: size }),
    ...(lines.map(({ label, words }) => ({
      margin: [0, 0, 0, size / 2],
      stack: [said(label, { fontSize: size * 0.7, color: '#5d5c66' }), said(words, { fontSize: size })],
    })) as Content[]),
  ];
}
