import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { usualName } from '../../../core/movement/schema/movement';
import type { Slip, SlipLine } from '../../../core/practice/proposeSlip';
import { SLIP_CAUTION, slipCalls, slipCount } from '../../../core/practice/slipText';
import { figureSvg } from '../figureSvg';
import { tellingPose } from '../paperClass';
import { said } from '../runs';

const FAINT = '#5d5c66';
/** Counts and calls in a type that is read without glasses, points. */
const LARGE = 14;

const lineOf = (line: SlipLine): Content => ({
  margin: [0, 8, 0, 0],
  columnGap: 14,
  columns: [
    { svg: figureSvg(tellingPose(line.done)), fit: [74, 92], width: 80, alignment: 'center' },
    {
      width: '*',
      stack: [
        said(usualName(line.done), { fontSize: 19 }, 'Serif'),
        ...(line.done.names.chinese[0] ? [said(line.done.names.chinese[0], { color: FAINT, fontSize: 12 })] : []),
        said(slipCount(line), { fontSize: LARGE, bold: true }),
        said(slipCalls(line).join(' / '), { fontSize: LARGE }),
        ...(line.way ? [said(line.way, { color: '#85500f', fontSize: 12 })] : []),
        ...(line.byChair ? [said('a hand on a chair if you like', { color: FAINT, fontSize: 11 })] : []),
      ],
    },
  ],
});

/** Practice between classes on a slip of A5: at most three figures with their counts and calls, and nothing about anybody. */
export function practiceSlip(slip: Slip, title: string): TDocumentDefinitions {
  return {
    pageSize: 'A5',
    pageMargins: [30, 30, 30, 40],
    info: { title, creator: 'Vesperum' },
    defaultStyle: { font: 'Sans', fontSize: 11, color: '#232742' },
    footer: () => said(SLIP_CAUTION, { color: FAINT, fontSize: 9, margin: [30, 6, 30, 0] }),
    content: [
      said(title, { fontSize: 22 }, 'Serif'),
      said(`About ${Math.round(slip.seconds / 60)} minutes, in your own breath.`, { color: FAINT }),
      ...slip.lines.map(lineOf),
    ],
  };
}
