import equal from 'fast-deep-equal';
import { useEffect, useState } from 'react';
import type { StoredSession } from '../../../../core/formats/api/api';
import type { Session } from '../../../../core/session/plan/session';
import { api } from '../../../app/server/api';
import { useAppDispatch } from '../../../app/store';
import { adoptDraft, type FoundDraft, forgetDraft, partDrafts } from '../../../class/kept/keptDraft';
import type { Standing } from './draft';
import { leftFound, opened, reopened, restored, revisionSet } from './draft';
import { useDeskSelector, useDeskStore } from './draftStore';
import { emptied } from './hand';
import { historyOf, keepHistory } from './keptHistory';
import { standingAfter } from './standingAfter';

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
  const present = useDeskSelector(({ draft }) => draft.book.present?.id);
  const [fetchSession] = api.useLazySessionQuery();
  const [opening, setOpening] = useState<Opening>('opening');

  useEffect(() => {
    let isGone = false;
    const putOnDesk = (stored: StoredSession, mine: FoundDraft | undefined) => {
      const history = historyOf(stored.session);
      dispatch(history ? reopened(history) : opened(stored.session));
      dispatch(revisionSet({ revision: stored.revision, standing: { kind: 'saved' } }));
      if (!mine) return;
      adoptDraft(mine);
      if (mine.revision < stored.revision) {
        dispatch(opened(mine.session));
        dispatch(revisionSet({ revision: mine.revision, standing: { kind: 'conflict', stored } }));
      } else dispatch(restored(mine.session));
    };
    const open = async () => {
      const [answer, { left, elsewhere }] = await Promise.all([fetchSession(id), partDrafts(id)]);
      if (isGone) return;
      if (answer.data && !answer.data.isKept) {
        const [mine, ...others] = tellingOf(left, answer.data.session);
        putOnDesk(answer.data, mine);
        dispatch(leftFound(others));
        setOpening('open');
        return;
      }
      const failed: Standing = answer.data ? { kind: 'away' } : standingAfter(answer.error);
      if (failed.kind === 'refused') return setOpening('missing');
      // What an open page is still sending is better than nothing to look at.
      const [mine = elsewhere[0], ...others] = tellingOf(left, null);
      if (!mine) {
        if (!answer.data) return setOpening(failed.kind === 'failing' ? 'failing' : 'away');
        // As this machine last had it; what is changed now is sent once the server is back.
        dispatch(opened(answer.data.session));
        dispatch(revisionSet({ revision: answer.data.revision, standing: { kind: 'saved' } }));
        return setOpening('open');
      }
      dispatch(opened(mine.session));
      dispatch(revisionSet({ revision: mine.revision, standing: { kind: 'away' } }));
      if (left.includes(mine)) adoptDraft(mine);
      dispatch(leftFound(others));
      dispatch(restored(mine.session));
      setOpening('open');
    };
    const keep = () => {
      const { past, present, future } = store.getState().draft.book;
      const known = (steps: readonly (Session | null)[]) => steps.filter((step) => step !== null);
      if (present?.id === id) keepHistory({ past: known(past), present, future: known(future) });
    };
    window.addEventListener('pagehide', keep);
    dispatch(emptied());
    setOpening('opening');
    void open();
    return () => {
      isGone = true;
      window.removeEventListener('pagehide', keep);
    };
  }, [id, dispatch, fetchSession, store]);

  return opening === 'open' && present !== id ? 'opening' : opening;
}
