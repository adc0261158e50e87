import equal from 'fast-deep-equal';
import { useEffect, useState } from 'react';
import type { StoredSession } from '../../../../core/formats/api/api';
import type { Session } from '../../../../core/session/plan/session';
import { api } from '../../../app/server/api';
import { useAppDispatch } from '../../../app/store';
import { adoptDraft, type FoundDraft, forgetDraft, isOfOtherData, partDrafts } from '../../../class/kept/keptDraft';
import { closed, leftFound, opened, replaced, type SaveState, shown } from './draft';
import { selectSession, useDeskSelector, useDeskStore } from './draftStore';
import { emptied } from './hand';
import { historyOf, keepHistory } from './keptHistory';
import { saveStateAfter } from './saveStateAfter';

export type Opening = 'opening' | 'open' | 'missing' | 'away' | 'failing';

/** The drafts that say something new, against what is stored and against each other; the others have arrived and are forgotten. */
function tellingOf(drafts: readonly FoundDraft[], stored: Session | null): FoundDraft[] {
  const telling: FoundDraft[] = [];
  for (const draft of drafts) {
    const isKnown = [stored, ...telling.map(({ session }) => session)].some((known) => equal(known, draft.session));
    if (isKnown) forgetDraft(draft.key);
    else telling.push(draft);
  }
  return telling;
}

/**
 * Lays a class on the desk. Edits this machine still holds are put on top of what the server has, and saved; where the
 * server has moved on meanwhile, both versions are offered.
 */
export function useOpenDraft(id: string): Opening {
  const dispatch = useAppDispatch();
  const store = useDeskStore();
  const present = useDeskSelector((state) => selectSession(state)?.id);
  const [fetchSession] = api.useLazySessionQuery();
  const [opening, setOpening] = useState<Opening>('opening');

  useEffect(() => {
    let isGone = false;
    const lay = (stored: StoredSession, mine: FoundDraft | undefined) => {
      const { session, revision } = stored;
      const isOlder = mine !== undefined && (mine.revision < revision || isOfOtherData(mine));
      if (!isOlder) dispatch(opened({ session, history: historyOf(session), revision, saveState: { kind: 'saved' } }));
      if (!mine) return;
      adoptDraft(mine);
      if (isOlder)
        dispatch(opened({ session: mine.session, revision: mine.revision, saveState: { kind: 'conflict', stored } }));
      else dispatch(replaced({ classId: id, session: mine.session }));
    };
    const open = async () => {
      const [answer, { left, elsewhere }] = await Promise.all([fetchSession(id), partDrafts(id)]);
      if (isGone) return;
      if (answer.data && !answer.data.isKept) {
        const [mine, ...others] = tellingOf(left, answer.data.session);
        lay(answer.data, mine);
        dispatch(leftFound({ classId: id, left: others }));
        setOpening('open');
        return;
      }
      const failed: SaveState = answer.data ? { kind: 'away' } : saveStateAfter(answer.error);
      if (failed.kind === 'refused') return setOpening('missing');
      // What an open page is still sending is better than nothing to look at.
      const [mine = elsewhere[0], ...others] = tellingOf(left, null);
      if (!mine) {
        if (!answer.data) return setOpening(failed.kind === 'failing' ? 'failing' : 'away');
        // As this machine last had it; what is changed now is sent once the server is back.
        const { session, revision } = answer.data;
        dispatch(opened({ session, revision, saveState: { kind: 'saved' } }));
        return setOpening('open');
      }
      dispatch(opened({ session: mine.session, revision: mine.revision, saveState: { kind: 'away' } }));
      if (left.includes(mine)) adoptDraft(mine);
      dispatch(leftFound({ classId: id, left: others }));
      dispatch(replaced({ classId: id, session: mine.session }));
      setOpening('open');
    };
    const keep = () => {
      const draft = store.getState().draft.classes[id];
      if (draft) keepHistory(draft.history);
    };
    window.addEventListener('pagehide', keep);
    dispatch(emptied());
    const kept = store.getState().draft.classes[id];
    if (kept && kept.saveState.kind !== 'saved') {
      // It is still on its way to the server from this page: it goes on as it is.
      dispatch(shown({ classId: id }));
      setOpening('open');
    } else {
      setOpening('opening');
      void open();
    }
    return () => {
      isGone = true;
      keep();
      dispatch(closed());
      window.removeEventListener('pagehide', keep);
    };
  }, [id, dispatch, fetchSession, store]);

  return opening === 'open' && present !== id ? 'opening' : opening;
}
