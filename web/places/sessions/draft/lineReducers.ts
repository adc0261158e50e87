import type { PayloadAction } from '@reduxjs/toolkit';
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
import type { LineSet } from '../../../../core/session/plan/lineSet';
import type { MovementItem, Session } from '../../../../core/session/plan/session';

type Open = Session | null;
type Ids = readonly string[];

/** What is done to lines of the open class, one or several at once, and to their blocks; each is one step. */
export const lineReducers = {
  /** Something of a movement's line is said anew, the rest of it stays. */
  lineAltered: (session: Open, { payload }: PayloadAction<{ id: string; to: Partial<MovementItem> }>) =>
    session &&
    changeLine(session, payload.id, (item) => (item.kind === 'movement' ? { ...item, ...payload.to } : item)),
  lineNoted: (session: Open, { payload }: PayloadAction<{ id: string; note: string }>) =>
    session && changeLine(session, payload.id, (item) => ({ ...item, note: payload.note })),
  lineInSteps: (
    session: Open,
    { payload }: PayloadAction<{ id: string; lines: readonly MovementItem[]; block: Block }>,
  ) => session && lineReplaced(session, payload.id, payload.lines, payload.block),
  linesGrouped: (session: Open, { payload }: PayloadAction<{ ids: Ids; block: Block }>) =>
    session && groupLines(session, new Set(payload.ids), payload.block),
  linesShifted: (session: Open, { payload }: PayloadAction<{ ids: Ids; direction: 1 | -1 }>) =>
    session && shiftLines(session, new Set(payload.ids), payload.direction),
  linesRemoved: (session: Open, { payload }: PayloadAction<Ids>) => session && withoutLines(session, new Set(payload)),
  linesPut: (session: Open, { payload }: PayloadAction<{ at: LinePlace; lines: LineSet }>) =>
    session && putLines(session, payload.at, payload.lines),
  blockChanged: (session: Open, { payload }: PayloadAction<{ id: string; to: Partial<Omit<Block, 'id'>> }>) =>
    session && changeBlock(session, payload.id, payload.to),
  blockTakenApart: (session: Open, { payload }: PayloadAction<string>) => session && takeApart(session, payload),
  blockReplaced: (session: Open, { payload }: PayloadAction<{ id: string; lines: LineSet; to: Partial<Block> }>) =>
    session && replaceBlock(session, payload.id, payload.lines, payload.to),
};
