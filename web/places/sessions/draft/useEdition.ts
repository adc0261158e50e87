import { applyEdits } from '../../../../core/session/edit/applyEdits';
import type { PlanEdit } from '../../../../core/session/edit/edit';
import type { Session } from '../../../../core/session/plan/session';
import { freshId } from '../../../app/machine/freshId';
import { api } from '../../../app/server/api';
import { useEdits } from './useEdits';

/** Keeps a changed class as another edition of it, in one family; answers null where the server is away. */
export function useEdition(
  session: Session,
): (edits: readonly PlanEdit[], slotMinutes: number) => Promise<Session | null> {
  const edit = useEdits();
  const [addSession] = api.useAddSessionMutation();
  return async (edits, slotMinutes) => {
    const family = session.family ?? session.id;
    const edition: Session = {
      ...applyEdits(session, edits),
      id: freshId('class'),
      title: `${session.title.slice(0, 100)}, ${slotMinutes} min`,
      date: null,
      slotMinutes,
      setAside: [],
      course: null,
      family,
    };
    const answer = await addSession(edition);
    if (!answer.data) return null;
    if (session.family === null) edit([{ kind: 'head', to: { family } }]);
    return answer.data.session;
  };
}
