import { useNavigate } from 'react-router';
import type { Session } from '../../../core/session/plan/session';
import { inWords } from '../../app/words';
import { useTimeline } from '../../class/useTimeline';

interface Props {
  readonly session: Session;
  readonly onBegin: () => void;
}

/** The moment before: the class, its length, and one press to begin. */
export function Threshold({ session, onBegin }: Props) {
  const timeline = useTimeline(session);
  const navigate = useNavigate();
  const begin = () => {
    document.documentElement.requestFullscreen?.().catch(() => undefined);
    onBegin();
  };
  return (
    <main className="teach teach-threshold">
      <h1>{session.title}</h1>
      <p>
        {session.sections.flatMap(({ items }) => items).length} lines, {inWords(timeline.totalMs)} in a slot of{' '}
        {session.slotMinutes} minutes.
      </p>
      {timeline.totalMs === 0 ? (
        <p>There is nothing in it yet.</p>
      ) : (
        <button type="button" className="teach-begin" onClick={begin} ref={(button) => button?.focus()}>
          Begin
        </button>
      )}
      <button type="button" className="bare teach-quiet" onClick={() => navigate(`/sessions/${session.id}`)}>
        Back to planning
      </button>
      <p className="teach-quiet">
        Pain is a stop sign. Keep breathing, sit when you like. A chair or wall within reach for balance work.
      </p>
    </main>
  );
}
