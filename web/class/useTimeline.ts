import type { Session } from '../../core/session/plan/session';
import type { Timeline } from '../../core/session/timeline/segment';
import { useRepertoire } from '../app/repertoire';
import { timelineOfKnown } from './timelineOfKnown';

/** A class laid out in time by the repertoire of this house. */
export const useTimeline = (session: Session): Timeline => timelineOfKnown(session, useRepertoire());
