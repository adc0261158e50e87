import { rememberFor } from '../../core/remember/rememberFor';
import type { Session } from '../../core/session/plan/session';
import { timelineOf } from '../../core/session/schedule/timeline';
import type { Timeline } from '../../core/session/timeline/segment';
import type { Repertoire } from '../app/repertoire';

/** A class without the lines whose movement is gone from the repertoire. */
const withoutMissing = (session: Session, { find }: Repertoire): Session => ({
  ...session,
  sections: session.sections.map((section) => ({
    ...section,
    items: section.items.filter((item) => item.kind !== 'movement' || find(item.movementId)),
    settle: section.settle?.lines.every(({ movementId }) => find(movementId)) ? section.settle : null,
  })),
});

const timelines = rememberFor((session: Session) =>
  rememberFor((repertoire: Repertoire): Timeline => {
    const answer = timelineOf(withoutMissing(session, repertoire), repertoire.find);
    if (!answer.ok) throw new Error('A class of known movements could not be timed');
    return answer.timeline;
  }),
);

/** A class laid out in time, once for each class; lines whose movement is gone are left out of the reckoning. */
export const timelineOfKnown = (session: Session, repertoire: Repertoire): Timeline => timelines(session)(repertoire);
