import { createListenerMiddleware, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import { ActionTypes } from 'redux-undo';
import type { Session } from '../../../../core/session/plan/session';
import { api } from '../../../app/server/api';
import { forgetSaved, keepDraft } from '../../../class/kept/keptDraft';
import { type draftReducer, isEdit, keptHere, revisionSet, type Standing, standingChanged } from './draft';
import { standingAfter } from './standingAfter';

/** How long after the last change a save is sent, and how long until it is tried again when the server is away. */
const SAVE_AFTER = 500;
const TRY_AGAIN_AFTER = 2000;

interface State {
  readonly draft: ReturnType<typeof draftReducer>;
}

export const draftSync = createListenerMiddleware<State, ThunkDispatch<State, unknown, UnknownAction>>();

const stepped = (action: UnknownAction): boolean =>
  action.type === ActionTypes.UNDO || action.type === ActionTypes.REDO;

/** Whether a save that ended so is sent again and again until it is taken. */
const isTriedAgain = ({ kind }: Standing): boolean => kind === 'away' || kind === 'failing';

/** The save on its way, if any: the next one waits for it, so that a save never meets a revision of our own making. */
let sending: Promise<Standing> = Promise.resolve({ kind: 'saved' });

draftSync.startListening({
  predicate: (action) => isEdit(action) || stepped(action),
  effect: async (_, { getState, dispatch, cancelActiveListeners, delay, pause }) => {
    cancelActiveListeners();
    const { book, sync } = getState().draft;
    const session: Session | null = book.present;
    if (!session) return;
    const isKept = keepDraft({ session, revision: sync.revision });
    if (isKept !== sync.isKept) dispatch(keptHere(isKept));
    if (sync.standing.kind === 'conflict') return;
    if (!isTriedAgain(sync.standing)) dispatch(standingChanged({ kind: 'unsaved' }));
    await delay(SAVE_AFTER);

    const send = async (): Promise<Standing> => {
      const { revision, standing } = getState().draft.sync;
      if (!isTriedAgain(standing)) dispatch(standingChanged({ kind: 'saving' }));
      const answer = await dispatch(api.endpoints.saveSession.initiate({ session, revision }));
      const { present } = getState().draft.book;
      const isLatest = present === session;
      if (answer.data) forgetSaved(session);
      const after: Standing = answer.data ? { kind: isLatest ? 'saved' : 'unsaved' } : standingAfter(answer.error);
      // Another class may lie on the desk by now.
      if (present?.id === session.id)
        dispatch(revisionSet({ revision: answer.data?.revision ?? revision, standing: after }));
      return after;
    };

    await pause(sending);
    while (getState().draft.sync.standing.kind !== 'conflict') {
      sending = send();
      if (!isTriedAgain(await pause(sending))) return;
      await delay(TRY_AGAIN_AFTER);
    }
  },
});
