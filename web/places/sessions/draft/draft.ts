import {
  combineReducers,
  createAction,
  createSlice,
  nanoid,
  type PayloadAction,
  type UnknownAction,
} from '@reduxjs/toolkit';
import undoable, { newHistory, type StateWithHistory } from 'redux-undo';
import type { StoredSession } from '../../../../core/formats/api/api';
import {
  changeLine,
  changeSection,
  insertLine,
  type LinePlace,
  moveLine,
  placeOf,
  removeLine,
} from '../../../../core/session/edit/editPlan';
import { applyEdits, type PlanEdit } from '../../../../core/session/edit/planEdit';
import type { LedBy } from '../../../../core/session/plan/line/ledBy';
import type { Item, MovementItem, Section, Session } from '../../../../core/session/plan/session';
import type { SetAside } from '../../../../core/session/plan/setAside';
import { edit } from './edit';
import type { History } from './keptHistory';
import { lineReducers } from './lineReducers';

/** The class that is open on the desk. Every change goes through here, so that every change can be undone. */

type Heading = Pick<
  Session,
  'title' | 'groupId' | 'date' | 'startsAt' | 'slotMinutes' | 'doors' | 'breath' | 'schools' | 'takes' | 'family'
>;

const book = createSlice({
  name: 'draft',
  initialState: null as Session | null,
  reducers: {
    restored: (_, { payload }: PayloadAction<Session>) => payload,
    headChanged: edit((session, heading: Partial<Heading>) => ({ ...session, ...heading })),
    paceChanged: edit((session, { section, pace }: { section: number; pace: Section['pace'] }) =>
      changeSection(session, section, { pace }),
    ),
    leadChanged: edit((session, { section, ledBy }: { section: number; ledBy: LedBy | null }) =>
      changeSection(session, section, { ledBy }),
    ),
    settleChanged: edit((session, { section, settle }: { section: number; settle: Section['settle'] }) =>
      changeSection(session, section, { settle }),
    ),
    lineAdded: edit((session, { at, item }: { at: LinePlace; item: Item }) => insertLine(session, at, item)),
    lineChanged: edit((session, { id, item }: { id: string; item: Item }) => changeLine(session, id, () => item)),
    lineMoved: edit((session, { id, to }: { id: string; to: LinePlace }) => moveLine(session, id, to)),
    lineDoubled: {
      prepare: (id: string, copy: string = nanoid(8)) => ({ payload: { id, copy } }),
      reducer: edit((session, { id, copy }: { id: string; copy: string }) => {
        const at = placeOf(session, id);
        const item = at && session.sections[at.section]?.items[at.index];
        return item ? insertLine(session, { ...at, index: at.index + 1 }, { ...item, id: copy }) : session;
      }),
    },
    /** A remedy or a proposal taken: many changes, one step. */
    mended: edit((session, edits: readonly PlanEdit[]) => applyEdits(session, edits)),
    /** A fit taken: its changes, and the slot it was fitted to. */
    fitted: edit((session, { edits, slotMinutes }: { edits: readonly PlanEdit[]; slotMinutes: number }) => ({
      ...applyEdits(session, edits),
      slotMinutes,
    })),
    /** A whole draft taken in place of everything that was there. */
    drafted: edit((session, sections: Session['sections']) => ({ ...session, sections, setAside: [] })),
    findingSetAside: edit((session, aside: SetAside) => ({
      ...session,
      setAside: [...session.setAside.filter(({ key }) => key !== aside.key), aside],
    })),
    findingBrought: edit((session, key: string) => ({
      ...session,
      setAside: session.setAside.filter((aside) => aside.key !== key),
    })),
    ...lineReducers,
    lineRemoved: edit((session, id: string) => removeLine(session, id)),
  },
});

/** A class is laid on the desk: nothing of another one can be undone into it. */
export const opened = createAction<Session>('draft/opened');
/** A class is laid on the desk with the steps that led to it, after the page was loaded anew. */
export const reopened = createAction<History>('draft/reopened');

export const {
  restored,
  headChanged,
  paceChanged,
  leadChanged,
  settleChanged,
  lineAdded,
  lineAltered,
  lineChanged,
  lineDoubled,
  lineInSteps,
  lineMoved,
  lineNoted,
  lineScripted,
  lineRemoved,
  lineLed,
  talkEnded,
  mended,
  fitted,
  drafted,
  findingSetAside,
  findingBrought,
  linesGrouped,
  linesShifted,
  linesRemoved,
  linesPut,
  blockChanged,
  blockTakenApart,
  blockReplaced,
} = book.actions;

/** Whether an action changes the class itself; whatever it is, it is kept and sent. */
export const isEdit = (action: UnknownAction): boolean =>
  Object.values(book.actions).some((edit) => edit.match(action));

/** Where the open class stands with the server. */
export type Standing =
  | { readonly kind: 'saved' }
  | { readonly kind: 'unsaved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'away' }
  /** The server answers, but could not write it; it is tried again. */
  | { readonly kind: 'failing'; readonly reason: string }
  | { readonly kind: 'refused'; readonly reason: string }
  | { readonly kind: 'conflict'; readonly stored: StoredSession };

/** A version of the open class that another page of this machine kept and did not save. */
export interface LeftVersion {
  readonly key: string;
  readonly session: Session;
  readonly at: number;
}

interface Sync {
  readonly revision: number;
  readonly standing: Standing;
  /** Whether what is not saved yet is kept on this machine. */
  readonly isKept: boolean;
  readonly left: readonly LeftVersion[];
}

const sync = createSlice({
  name: 'sync',
  initialState: { revision: 0, standing: { kind: 'saved' }, isKept: true, left: [] } as Sync,
  reducers: {
    standingChanged: (state, { payload }: PayloadAction<Standing>) => ({ ...state, standing: payload }),
    revisionSet: (state, { payload }: PayloadAction<Pick<Sync, 'revision' | 'standing'>>) => ({ ...state, ...payload }),
    keptHere: (state, { payload }: PayloadAction<boolean>) => ({ ...state, isKept: payload }),
    leftFound: (state, { payload }: PayloadAction<readonly LeftVersion[]>) => ({ ...state, left: payload }),
    leftSettled: (state, { payload }: PayloadAction<string>) => ({
      ...state,
      left: state.left.filter(({ key }) => key !== payload),
    }),
  },
});

export const { standingChanged, revisionSet, keptHere, leftFound, leftSettled } = sync.actions;

/** How many steps can be undone. */
export const UNDO_STEPS = 300;

/** Words of a line that are typed into, by where they stand; null where something else is changed, or a row comes or goes. */
function wordsTyped({ id, to }: { id: string; to: Partial<MovementItem> }, before: Session | null): string | null {
  if (to.script !== undefined) return `script ${id}`;
  const was = before?.sections.flatMap(({ items }) => items).find((item) => item.id === id);
  if (was?.kind !== 'movement') return null;
  for (const key of ['cues', 'focuses'] as const) {
    const rows: readonly unknown[] | undefined = to[key];
    if (rows && rows.length === was[key].length)
      return `${key} ${id} ${rows.findIndex((row, place) => row !== was[key][place])}`;
  }
  return null;
}

/** What is typed letter by letter is one step, by what is typed into; null where every change is a step of its own. */
function typedInto(action: UnknownAction, before: Session | null): string | null {
  if (headChanged.match(action)) return 'title' in action.payload ? 'title' : null;
  if (lineNoted.match(action)) return `note ${action.payload.id}`;
  if (lineScripted.match(action)) return `script ${action.payload.id}`;
  if (lineAltered.match(action)) return wordsTyped(action.payload, before);
  if (blockChanged.match(action)) return 'name' in action.payload.to ? `block ${action.payload.id}` : null;
  if (settleChanged.match(action)) {
    const { section, settle } = action.payload;
    const was = before?.sections[section]?.settle;
    return was && settle && was.name !== settle.name ? `settle ${section}` : null;
  }
  return null;
}

const editing = undoable(book.reducer, {
  limit: UNDO_STEPS,
  groupBy: (action, _, { present }) => typedInto(action, present),
});

type Book = StateWithHistory<Session | null>;

export const draftReducer = combineReducers({
  book: (state: Book | undefined, action: UnknownAction): Book => {
    if (opened.match(action)) return newHistory([], action.payload, []);
    if (!reopened.match(action)) return editing(state, action);
    const { past, present, future } = action.payload;
    return newHistory([...past], present, [...future]);
  },
  sync: sync.reducer,
});
