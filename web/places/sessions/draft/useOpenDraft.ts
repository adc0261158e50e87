import { useEffect, useState } from 'react';
import type { StoredSession } from '../../../../core/formats/api';
import type { Session } from '../../../../core/session/plan/session';
import { api } from '../../../app/api';
import { useAppDispatch } from '../../../app/store';
import { type KeptDraft, keptDrafts } from '../../../class/keptDraft';
import { based, opened, reopened, restored } from './draft';
import { useDeskSelector, useDeskStore } from './draftStore';
import { historyOf, keepHistory } from './keptHistory';

export type Opening = 'opening' | 'open' | 'missing' | 'away';

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
    let left = false;
    const layOut = (stored: StoredSession, kept: KeptDraft | null) => {
      const history = historyOf(stored.session);
      dispatch(history ? reopened(history) : opened(stored.session));
      dispatch(based({ revision: stored.revision, standing: { kind: 'saved' } }));
      if (!kept) return;
      if (kept.revision < stored.revision) {
        dispatch(opened(kept.session));
        dispatch(based({ revision: kept.revision, standing: { kind: 'conflict', stored } }));
      } else dispatch(restored(kept.session));
    };
    const open = async () => {
      const kept = keptDrafts.find(id);
      const answer = await fetchSession(id);
      if (left) return;
      if (answer.data) {
        layOut(answer.data, kept);
        setOpening('open');
      } else if (typeof (answer.error as { status?: unknown } | undefined)?.status === 'number') {
        setOpening('missing');
      } else if (kept) {
        dispatch(opened(kept.session));
        dispatch(based({ revision: kept.revision, standing: { kind: 'away' } }));
        dispatch(restored(kept.session));
        setOpening('open');
      } else setOpening('away');
    };
    const keep = () => {
      const { past, present, future } = store.getState().draft.book;
      const known = (steps: readonly (Session | null)[]) => steps.filter((step) => step !== null);
      if (present?.id === id) keepHistory({ past: known(past), present, future: known(future) });
    };
    window.addEventListener('pagehide', keep);
    setOpening('opening');
    void open();
    return () => {
      left = true;
      window.removeEventListener('pagehide', keep);
    };
  }, [id, dispatch, fetchSession, store]);

  return opening === 'open' && present !== id ? 'opening' : opening;
}
