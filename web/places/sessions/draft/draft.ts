import { createAction, freeze, type UnknownAction } from '@reduxjs/toolkit';
import undoable, { ActionCreators, newHistory, type StateWithHistory } from 'redux-undo';
import type { StoredSession } from '../../../../core/formats/api/api';
import { applyToClass } from '../../../../core/session/edit/applyEdits';
import type { ClassEdit } from '../../../../core/session/edit/edit';
import type { Session } from '../../../../core/session/plan/session';
import type { History } from './keptHistory';
import { typedInto } from './typedInto';

/**
 * The classes that are edited on this page, each by its id with its own history, revision and save state. Every change goes through
 * here with the id of its class, so that every change can be undone and none reaches another class.
 */

/** How a class stands with the server. */
export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'unsaved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'away' }
  /** The server answers, but could not write it; it is tried again. */
  | { readonly kind: 'failing'; readonly reason: string }
  | { readonly kind: 'refused'; readonly reason: string }
  | { readonly kind: 'conflict'; readonly stored: StoredSession };

/** A version of a class that another page of this machine kept and did not save. */
export interface LeftVersion {
  readonly key: string;
  readonly session: Session;
  readonly at: number;
}

/** A class that is edited here. */
export interface ClassDraft {
  readonly history: StateWithHistory<Session>;
  /** The revision its edits are made on. */
  readonly revision: number;
  readonly saveState: SaveState;
  /** Whether what is not saved yet is kept on this machine. */
  readonly isKept: boolean;
  readonly left: readonly LeftVersion[];
}

export interface Drafts {
  /** The class that lies open; null while there is none. */
  readonly openId: string | null;
  readonly classes: Readonly<Record<string, ClassDraft>>;
}

interface OfClass {
  readonly classId: string;
}

/** A class as it is laid open: with the steps that led to it, where they are still known. */
export interface Opening {
  readonly session: Session;
  readonly history?: History | null;
  readonly revision: number;
  readonly saveState: SaveState;
}

/** A class is laid open: nothing of another one can be undone into it. */
export const opened = createAction<Opening>('draft/opened');
/** A class that is edited here already lies open again. */
export const shown = createAction<OfClass>('draft/shown');
/** No class lies open; those that are not saved yet go on being saved. */
export const closed = createAction('draft/closed');
/** Edits that were resolved for this class, as one step. */
export const edited = createAction<OfClass & { readonly edits: readonly ClassEdit[] }>('draft/edited');
/** Another version takes the place of a class, as one step. */
export const replaced = createAction<OfClass & { readonly session: Session }>('draft/replaced');
export const undone = createAction<OfClass>('draft/undone');
export const redone = createAction<OfClass>('draft/redone');
export const saveStateChanged = createAction<OfClass & { readonly saveState: SaveState }>('draft/saveStateChanged');
export const revisionSet = createAction<OfClass & Pick<ClassDraft, 'revision' | 'saveState'>>('draft/revisionSet');
export const keptHere = createAction<OfClass & Pick<ClassDraft, 'isKept'>>('draft/keptHere');
export const leftFound = createAction<OfClass & Pick<ClassDraft, 'left'>>('draft/leftFound');
export const leftSettled = createAction<OfClass & { readonly key: string }>('draft/leftSettled');

/** Whether an action changes a class itself; whatever it is, it is kept and sent. */
export const isEdit = (action: UnknownAction): action is ReturnType<typeof edited | typeof replaced | typeof undone> =>
  [edited, replaced, undone, redone].some((change) => change.match(action));

/** How many steps can be undone. */
export const UNDO_STEPS = 300;

function changeClass(session: Session | undefined, action: UnknownAction): Session {
  if (session === undefined) throw new Error('There is no class to change.');
  if (edited.match(action)) return freeze(applyToClass(session, action.payload.edits), true);
  return replaced.match(action) ? freeze(action.payload.session, true) : session;
}

/** What one class becomes, with its history. */
const withHistory = undoable(changeClass, {
  // What is present is one of them.
  limit: UNDO_STEPS + 1,
  groupBy: (action, _, { present }) =>
    edited.match(action) && present ? typedInto(action.payload.edits, present) : null,
});

const EMPTY: Drafts = { openId: null, classes: {} };

/** The drafts with one class changed; as they are where it is not edited here. */
function withClass(drafts: Drafts, classId: string, change: (draft: ClassDraft) => ClassDraft): Drafts {
  const draft = drafts.classes[classId];
  return draft ? { ...drafts, classes: { ...drafts.classes, [classId]: change(draft) } } : drafts;
}

const begun = ({ session, history, revision, saveState }: Opening): ClassDraft => ({
  history: history
    ? newHistory([...freeze(history.past, true)], freeze(history.present, true), [...freeze(history.future, true)])
    : newHistory<Session>([], freeze(session, true), []),
  revision,
  saveState,
  isKept: true,
  left: [],
});

/** One class with a step taken in its history. */
const stepped = (drafts: Drafts, classId: string, action: UnknownAction): Drafts =>
  withClass(drafts, classId, (draft) => {
    const history = withHistory(draft.history, action);
    return history === draft.history ? draft : { ...draft, history };
  });

/** What becomes of the classes with an action of their history. */
function afterEdit(drafts: Drafts, action: ReturnType<typeof edited | typeof replaced | typeof undone>): Drafts {
  const { classId } = action.payload;
  if (undone.match(action)) return stepped(drafts, classId, ActionCreators.undo());
  return stepped(drafts, classId, redone.match(action) ? ActionCreators.redo() : action);
}

/** What one class becomes with an action that says something of how it is kept. */
function keptAs(action: UnknownAction): ((draft: ClassDraft) => ClassDraft) | null {
  if (saveStateChanged.match(action)) return (draft) => ({ ...draft, saveState: action.payload.saveState });
  if (revisionSet.match(action)) {
    const { revision, saveState } = action.payload;
    return (draft) => ({ ...draft, revision, saveState });
  }
  if (keptHere.match(action)) return (draft) => ({ ...draft, isKept: action.payload.isKept });
  if (leftFound.match(action)) return (draft) => ({ ...draft, left: action.payload.left });
  if (leftSettled.match(action))
    return (draft) => ({ ...draft, left: draft.left.filter(({ key }) => key !== action.payload.key) });
  return null;
}

export function draftReducer(drafts: Drafts = EMPTY, action: UnknownAction): Drafts {
  if (isEdit(action)) return afterEdit(drafts, action);
  if (opened.match(action)) {
    const { id } = action.payload.session;
    return { openId: id, classes: { ...drafts.classes, [id]: begun(action.payload) } };
  }
  if (shown.match(action)) return { ...drafts, openId: action.payload.classId };
  if (closed.match(action)) return { ...drafts, openId: null };
  const kept = keptAs(action);
  return kept ? withClass(drafts, (action as { payload: OfClass } & UnknownAction).payload.classId, kept) : drafts;
}
