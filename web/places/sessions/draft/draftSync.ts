import type { Dispatch, Middleware, UnknownAction } from '@reduxjs/toolkit';
import { keepDraft } from '../../../class/kept/keptDraft';
import { type Drafts, isEdit, keptHere } from './draft';
import { SaveQueue, type SaveStore } from './saveQueue';

type DraftMiddleware = Middleware<object, { readonly draft: Drafts }, Dispatch<UnknownAction>>;

/**
 * Keeps every edit of a class on this machine as soon as it is made, and sends it to the server by the queue of its class. Each
 * store has queues of its own.
 */
export const draftSync: DraftMiddleware = (given) => {
  const store = given as SaveStore;
  const queues = new Map<string, SaveQueue>();
  const queueOf = (classId: string): SaveQueue => {
    const queue = queues.get(classId) ?? new SaveQueue(classId, store);
    queues.set(classId, queue);
    return queue;
  };
  return (next) => (action) => {
    const answer = next(action);
    if (!isEdit(action as UnknownAction)) return answer;
    const { classId } = (action as ReturnType<typeof keptHere>).payload;
    const draft = store.getState().draft.classes[classId];
    if (!draft) return answer;
    const isKept = keepDraft({ session: draft.history.present, revision: draft.revision });
    if (isKept !== draft.isKept) store.dispatch(keptHere({ classId, isKept }));
    queueOf(classId).changed();
    return answer;
  };
};
