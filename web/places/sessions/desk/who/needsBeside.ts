import { createContext, useCallback } from 'react';
import type { WayCount } from '../../../../../core/needs/whoNeedsWhat';
import type { Session } from '../../../../../core/session/plan/session';
import { type AskJudge, type FromJudge, useFromJudge } from '../../../../class/people/useFromJudge';
import type { AskedOf } from '../../../../class/useAsked';
import { useAtRest } from '../../../../class/useAtRest';
import { useDeskSelector } from '../../draft/draftStore';

/** How many take which way through each line of a class, by the line's id. */
type WaysByLine = ReadonlyMap<string, readonly WayCount[]>;

/** Who needs what, for the lines of the running order; null where it is not asked for, or not known yet. */
export const NeedsBeside = createContext<WaysByLine | null>(null);

/** Works out who needs what beside the lines, as long as it is asked for: in counts, for a desk too is seen by others. */
export function useNeedsBeside(session: Session, { asked }: AskedOf): FromJudge<WaysByLine> {
  const isAsked = useDeskSelector(({ hand }) => hand.isNeedsBeside);
  const atRest = useAtRest(session);
  const ask = useCallback<AskJudge<WaysByLine>>(
    async (judge) => new Map((await judge.comers(atRest, asked)).ways.map(({ itemId, counts }) => [itemId, counts])),
    [atRest, asked],
  );
  return useFromJudge(isAsked ? ask : null);
}
