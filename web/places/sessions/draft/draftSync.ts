import { createListenerMiddleware, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import { ActionTypes } from 'redux-undo';
import { Conflict, Problem } from '../../../../core/formats/api';
import type { Session } from '../../../../core/session/plan/session';
import { api } from '../../../app/api';
import { keptDrafts } from '../../../class/keptDraft';
import { based, type draftReducer, isEdit, type Standing, stood } from './draft';

/** How long after the last change a save is sent, and how long until it is tried again when the server is away. */
const SAVE_AFTER = 500;
const TRY_AGAIN_AFTER = 2000;

interface State {
  readonly draft: ReturnType<typeof draftReducer>;
}

export const draftSync = createListenerMiddleware<State, ThunkDispatch<State, unknown, UnknownAction>>();

const stepped = (action: UnknownAction): boolean =>
  action.type === ActionTypes.UNDO || action.type === ActionTypes.REDO;

/** What a refused save means for the class. */
function standingAfter(error: unknown): Standing {
  const { status, data } = (typeof error === 'object' && error !== null ? error : {}) as {
    status?: unknown;
    data?: unknown;
  };
  const conflict = Conflict.safeParse(data);
  if (conflict.success) return { kind: 'conflict', stored: conflict.data.stored };
  if (typeof status !== 'number' || status >= 500) return { kind: 'away' };
  const problem = Problem.safeParse(data);
  const [first] = problem.data?.errors ?? [];
  const where = first ? ` (${first.path.join(' ')}: ${first.message})` : '';
  return { kind: 'refused', reason: `${problem.data?.title ?? 'The server refused this class.'}${where}` };
}

/** The save on its way, if any: the next one waits for it, so that a save never meets a revision of our own making. */
let sending: Promise<Standing> = Promise.resolve({ kind: 'saved' });

draftSync.startListening({
  predicate: (action) => isEdit(action) || stepped(action),
  effect: async (_, { getState, dispatch, cancelActiveListeners, delay, pause }) => {
    cancelActiveListeners();
    const { book, sync } = getState().draft;
    const session: Session | null = book.present;
    if (!session) return;
    keptDrafts.keep(session.id, { session, revision: sync.revision });
    if (sync.standing.kind === 'conflict') return;
    dispatch(stood({ kind: sync.standing.kind === 'away' ? 'away' : 'unsaved' }));
    await delay(SAVE_AFTER);

    const send = async (): Promise<Standing> => {
      const { revision, standing } = getState().draft.sync;
      if (standing.kind !== 'away') dispatch(stood({ kind: 'saving' }));
      const answer = await dispatch(api.endpoints.saveSession.initiate({ session, revision }));
      const { present } = getState().draft.book;
      const isLatest = present === session;
      if (answer.data && (isLatest || present?.id !== session.id)) keptDrafts.forget(session.id);
      const after: Standing = answer.data ? { kind: isLatest ? 'saved' : 'unsaved' } : standingAfter(answer.error);
      // Another class may lie on the desk by now.
      if (present?.id === session.id) dispatch(based({ revision: answer.data?.revision ?? revision, standing: after }));
      return after;
    };

    await pause(sending);
    while (getState().draft.sync.standing.kind !== 'conflict') {
      sending = send();
      if ((await pause(sending)).kind !== 'away') return;
      await delay(TRY_AGAIN_AFTER);
    }
  },
});
