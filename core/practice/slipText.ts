import { usualName } from '../movement/schema/movement';
import { phasesFor } from '../movement/walk/cycleFor';
import { countWords } from '../session/report/countWords';
import type { Slip, SlipLine } from './proposeSlip';

/** Always on a slip. */
export const SLIP_CAUTION = 'Pain is a stop sign. Keep breathing, sit when you like, a chair or a wall within reach.';

/** How often, so that it cannot be misread: "6 times each side". */
export const slipCount = ({ item, done }: SlipLine): string => `${item.count} ${countWords(done, item).words}`;

/** What is called of it, phase by phase. */
export const slipCalls = ({ done }: SlipLine): string[] =>
  phasesFor(done, 'cycle', null, null)
    .map(({ call }) => call)
    .filter(Boolean);

/** A slip as plain text, to be sent or copied. Nothing in it is about anybody. */
export const slipText = (slip: Slip, title: string): string =>
  [
    title,
    `About ${Math.round(slip.seconds / 60)} minutes`,
    '',
    ...slip.lines.flatMap((line, place) => [
      `${place + 1}. ${usualName(line.done)}, ${slipCount(line)}${line.way ? ` (${line.way})` : ''}${line.byChair ? ', a hand on a chair if you like' : ''}`,
      `   ${slipCalls(line).join(' / ')}`,
    ]),
    '',
    SLIP_CAUTION,
  ].join('\n');
