import { nanoid } from '@reduxjs/toolkit';
import { useNavigate } from 'react-router';
import { loggedItems } from '../../../core/record/classLog';
import type { Teaching } from '../../../core/record/teaching';
import type { Session } from '../../../core/session/plan/session';
import type { Timeline } from '../../../core/session/timeline/segment';
import { api } from '../../app/api';
import type { Repertoire } from '../../app/repertoire';
import { inWords } from '../../app/words';
import { keptClasses } from './keptClass';

interface Props {
  readonly session: Session;
  readonly startedAt: string;
  readonly timeline: Timeline;
  readonly teaching: Teaching;
  readonly repertoire: Repertoire;
  /** Back to teaching; null when the plan is at its end. */
  readonly onBack: (() => void) | null;
}

const newLogId = () =>
  `log-${nanoid(12)
    .toLowerCase()
    .replaceAll(/[^a-z0-9]/g, 'x')}`;

/** The end: one press writes down what was done. Until it is written, it stays on this machine. */
export function EndOfClass({ session, startedAt, timeline, teaching, repertoire, onBack }: Props) {
  const navigate = useNavigate();
  const [addLog, { isLoading, isError }] = api.useAddLogMutation();

  const leave = (to: string) => {
    keptClasses.forget(session.id);
    if (document.fullscreenElement) void document.exitFullscreen();
    navigate(to);
  };
  const write = async () => {
    const log = await addLog({
      id: newLogId(),
      sessionId: session.id,
      startedAt,
      endedAt: new Date(Date.parse(startedAt) + teaching.wallMs).toISOString(),
      plan: session,
      items: loggedItems(session, timeline, teaching, repertoire.find),
      attendance: null,
      notes: '',
    }).unwrap();
    leave(`/logbook/${log.id}`);
  };

  return (
    <main className="teach teach-threshold">
      <h1>{teaching.finished ? 'The class is done' : 'End the class here?'}</h1>
      <p>
        {session.title}: {inWords(teaching.wallMs)} taught, {inWords(timeline.totalMs)} planned.
      </p>
      {isError && (
        <p role="alert">
          The server does not answer, so nothing is written yet. It is kept here; try again in a moment.
        </p>
      )}
      <button
        type="button"
        className="teach-begin"
        disabled={isLoading}
        onClick={() => void write().catch(() => undefined)}
      >
        Write it in the logbook
      </button>
      {onBack && (
        <button type="button" className="bare teach-quiet" onClick={onBack}>
          Back to teaching
        </button>
      )}
      <button type="button" className="bare teach-quiet" onClick={() => leave(`/sessions/${session.id}`)}>
        Leave without a record
      </button>
    </main>
  );
}
