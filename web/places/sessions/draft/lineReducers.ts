import {
  changeBlock,
  groupLines,
  putLines,
  replaceBlock,
  shiftLines,
  takeApart,
  withoutLines,
} from '../../../../core/session/edit/editLines';
import { changeLine, type LinePlace } from '../../../../core/session/edit/editPlan';
import { lineReplaced } from '../../../../core/session/edit/teachSteps';
import type { Block } from '../../../../core/session/plan/block';
import type { LedBy } from '../../../../core/session/plan/line/ledBy';
import type { LineSet } from '../../../../core/session/plan/lineSet';
import type { MovementItem } from '../../../../core/session/plan/session';
import { edit } from './edit';

type Ids = readonly string[];

/** What is done to lines of the open class, one or several at once, and to their blocks; each is one step. */
export const lineReducers = {
  /** Something of a movement's line is said anew, the rest of it stays. */
  lineAltered: edit((session, { id, to }: { id: string; to: Partial<MovementItem> }) =>
    changeLine(session, id, (item) => (item.kind === 'movement' ? { ...item, ...to } : item)),
  ),
  lineNoted: edit((session, { id, note }: { id: string; note: string }) =>
    changeLine(session, id, (item) => ({ ...item, note })),
  ),
  /** What is read out while a line lasts. */
  lineScripted: edit((session, { id, script }: { id: string; script: string }) =>
    changeLine(session, id, (item) => ({ ...item, script })),
  ),
  /** What leads a line while it is taught; null as its section says. */
  lineLed: edit((session, { id, ledBy }: { id: string; ledBy: LedBy | null }) =>
    changeLine(session, id, (item) => ({ ...item, ledBy })),
  ),
  /** Whether a talk ends by itself, or waits a while for the instructor. */
  talkEnded: edit((session, { id, byItself }: { id: string; byItself: boolean }) =>
    changeLine(session, id, (item) => (item.kind === 'talk' ? { ...item, endsByItself: byItself } : item)),
  ),
  lineInSteps: edit((session, { id, lines, block }: { id: string; lines: readonly MovementItem[]; block: Block }) =>
    lineReplaced(session, id, lines, block),
  ),
  linesGrouped: edit((session, { ids, block }: { ids: Ids; block: Block }) => groupLines(session, new Set(ids), block)),
  linesShifted: edit((session, { ids, direction }: { ids: Ids; direction: 1 | -1 }) =>
    shiftLines(session, new Set(ids), direction),
  ),
  linesRemoved: edit((session, ids: Ids) => withoutLines(session, new Set(ids))),
  linesPut: edit((session, { at, lines }: { at: LinePlace; lines: LineSet }) => putLines(session, at, lines)),
  blockChanged: edit((session, { id, to }: { id: string; to: Partial<Omit<Block, 'id'>> }) =>
    changeBlock(session, id, to),
  ),
  blockTakenApart: edit((session, id: string) => takeApart(session, id)),
  blockReplaced: edit((session, { id, lines, to }: { id: string; lines: LineSet; to: Partial<Block> }) =>
    replaceBlock(session, id, lines, to),
  ),
};
