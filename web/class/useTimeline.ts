import { useMemo } from 'react';
import type { Session } from '../../core/session/plan/session';
import { timelineOf } from '../../core/session/schedule/timeline';
import type { Timeline } from '../../core/session/timeline/segment';
import { useRepertoire } from '../app/repertoire';

/** A class laid out in time; lines whose movement is gone from the repertoire are left out of the reckoning. */
export function useTimeline(session: Session): Timeline {
  const repertoire = useRepertoire();
  return useMemo(() => {
    const known = {
      ...session,
      sections: session.sections.map((section) => ({
        ...section,
        items: section.items.filter((item) => item.kind !== 'movement' || repertoire.find(item.movementId)),
        settle: section.settle?.lines.every(({ movementId }) => repertoire.find(movementId)) ? section.settle : null,
      })),
    };
    const answer = timelineOf(known, repertoire.find);
    if (!answer.ok) throw new Error('A class of known movements could not be timed');
    return answer.timeline;
  }, [session, repertoire]);
}
