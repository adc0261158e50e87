import { App } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { loggedItems } from '../../../core/record/classLog';
import { attendanceOf, newcomerNote } from '../../../core/record/running/comers';
import { markNotes } from '../../../core/record/running/marks';
import { titleOf } from '../../../core/record/running/shownNow';
import type { Teaching } from '../../../core/record/standing/teaching';
import type { Session } from '../../../core/session/plan/session';
import type { Timeline } from '../../../core/session/timeline/segment';
import { freshId } from '../../app/machine/freshId';
import { useRepertoire } from '../../app/repertoire';
import { api } from '../../app/server/api';
import { problemIn } from '../../app/server/problemIn';
import { inWords } from '../../app/words';
import { forgetClass } from '../../class/kept/keptClass';

interface Props {
  readonly logId: string;
  readonly session: Session;
  readonly startedAt: string;
  readonly timeline: Timeline;
  readonly teaching: Teaching;
  /** Back to teaching; null when the plan is at its end. */
  readonly onBack: (() => void) | null;
}

/** The end: one press writes down what was done. Until it is written, it stays on this machine. */
export function EndOfClass({ logId, session, startedAt, timeline, teaching, onBack }: Props) {
  const repertoire = useRepertoire();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const [noteCame] = api.useNoteCameMutation();
  const [addLog, { isLoading, error }] = api.useAddLogMutation();

  // Pressed twice, it is still one record beside the other.
  const [otherId] = useState(() => freshId('log'));
  const refusal = problemIn(error);
  const isTaken = refusal?.status === 409;

  const titled = (itemId: string) => titleOf(session, itemId, repertoire.find);
  const leave = (to: string) => {
    forgetClass({ session, logId });
    if (document.fullscreenElement) void document.exitFullscreen();
    navigate(to);
  };
  const write = async (id: string) => {
    const log = await addLog({
      id,
      sessionId: session.id,
      startedAt,
      endedAt: new Date(Date.parse(startedAt) + teaching.wallMs).toISOString(),
      plan: session,
      items: loggedItems(session, timeline, teaching, repertoire.find),
      attendance: attendanceOf(teaching),
      answered: [],
      notes: [newcomerNote(teaching), ...markNotes(teaching, dayjs(startedAt).format('HH:mm'), titled)]
        .filter(Boolean)
        .join('\n'),
    }).unwrap();
    if (teaching.present.length > 0) {
      const noted = await noteCame({ logId: log.id, people: teaching.present });
      if (noted.error) message.warning('Who came could not be noted. Mark it in the record.');
    }
    leave(`/logbook/${log.id}`);
  };

  return (
    <main className="teach teach-threshold">
      <h1>{teaching.finished ? 'The class is done' : 'End the class here?'}</h1>
      <p>
        {session.title}: {inWords(teaching.wallMs)} taught, {inWords(timeline.totalMs)} planned.
      </p>
      {error && <p role="alert">{refusal?.title ?? 'The server does not answer.'} It is kept here; nothing is lost.</p>}
      <button
        type="button"
        className="teach-begin"
        disabled={isLoading}
        onClick={() => void write(isTaken ? otherId : logId).catch(() => undefined)}
      >
        {isTaken ? 'Write it beside that one' : 'Write it in the logbook'}
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
