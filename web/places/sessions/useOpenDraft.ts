import { useEffect, useState } from 'react';
import type { StoredSession } from '../../../core/formats/api';
import { api } from '../../app/api';
import { useAppDispatch, useAppSelector } from '../../app/store';
import { based, opened, restored } from './draft';
import { type KeptDraft, keptDrafts } from './keptDraft';

export type Opening = 'opening' | 'open' | 'missing' | 'away';

/**
 * Lays a class on the desk. Edits this machine still holds are put on top of what the server has, and saved; where the
 * server has moved on meanwhile, both versions are offered.
 */
export function useOpenDraft(id: string): Opening {
  const dispatch = useAppDispatch();
  const present = useAppSelector(({ draft }) => draft.book.present?.id);
  const [fetchSession] = api.useLazySessionQuery();
  const [opening, setOpening] = useState<Opening>('opening');

  useEffect(() => {
    let left = false;
    const layOut = (stored: StoredSession, kept: KeptDraft | null) => {
      dispatch(opened(stored.session));
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
    setOpening('opening');
    void open();
    return () => {
      left = true;
    };
  }, [id, dispatch, fetchSession]);

  return opening === 'open' && present !== id ? 'opening' : opening;
}
