import dayjs from 'dayjs';
import { memo } from 'react';
import { useNavigate } from 'react-router';
import { loggedItems, newRecord } from '../../../../core/record/classLog';
import { linesLeftOut, threadsLeftOut } from '../../../../core/record/leftOut';
import { attendanceOf, newcomerNote } from '../../../../core/record/running/comers';
import { markNotes } from '../../../../core/record/running/marks';
import { titleOf } from '../../../../core/record/running/shownNow';
import type { Teaching } from '../../../../core/record/standing/teaching';
import type { Session } from '../../../../core/session/plan/session';
import type { Timeline } from '../../../../core/session/timeline/segment';
import { useRepertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';
import { problemIn } from '../../../app/server/problemIn';
import { inWords } from '../../../app/words';
import { forgetClass } from '../../../class/kept/keptClass';
import { StopPageButton } from '../../../class/StopPageButton';
import { useAskedAfter } from '../../../course/useAskedAfter';
import { useSaidAtEnd } from '../../../teaching/end/EndFields';
import { inTheWay, RecordedThere } from './RecordedThere';

interface Props {
  readonly logId: string;
  readonly session: Session;
  readonly startedAt: string;
  readonly timeline: Timeline;
  readonly teaching: Teaching;
  /** Back to teaching; null when the plan is at its end. */
  readonly onBack: (() => void) | null;
}

/** A record holds so many letters of notes. */
const MOST_NOTES = 4000;
const MOST_CAME = 500;

/** The end: did they get it, how many came, and one press writes down what was done. Until it is written, it stays on this
 * machine. Drawn when what it shows is another: the clock goes on meanwhile. */
export const EndOfClass = memo(function EndOfClass({ logId, session, startedAt, timeline, teaching, onBack }: Props) {
  const repertoire = useRepertoire();
  const navigate = useNavigate();
  const [addLog, { isLoading, error }] = api.useAddLogMutation();
  const there = inTheWay(error);
  const clock = (at: string) => dayjs(at).format('HH:mm');

  const items = loggedItems(session, timeline, teaching, repertoire.find);
  const left = threadsLeftOut(session, linesLeftOut(items));
  const asked = useAskedAfter(session).filter(({ thread }) => !left.includes(thread));
  const titled = (itemId: string) => titleOf(session, itemId, repertoire.find);
  const { said, fields } = useSaidAtEnd(attendanceOf(teaching), {
    asked,
    marks: teaching.marks,
    beganAt: clock(startedAt),
    titleOf: titled,
    mostCame: MOST_CAME,
  });
  const leave = (to: string) => {
    forgetClass({ session, logId });
    if (document.fullscreenElement) void document.exitFullscreen();
    navigate(to);
  };
  const write = async () => {
    const written = await addLog({
      log: newRecord({
        id: logId,
        startedAt,
        endedAt: new Date(Date.parse(startedAt) + teaching.wallMs).toISOString(),
        plan: session,
        items,
        attendance: said.came,
        stops: teaching.stops,
        notes: [newcomerNote(teaching), ...markNotes(teaching, clock(startedAt), titled, said.marks)]
          .filter(Boolean)
          .join('\n')
          .slice(0, MOST_NOTES),
      }),
      present: teaching.present,
      taken: said.taken,
      ...(there && { insteadOf: there.id }),
    }).unwrap();
    leave(`/logbook/${written.id}`);
  };

  return (
    <main className="teach teach-threshold">
      <h1>{teaching.finished ? 'The class is done' : 'End the class here?'}</h1>
      <p>
        {session.title}: {inWords(teaching.wallMs)} taught, {inWords(timeline.totalMs)} planned.
      </p>
      {fields}
      {there && <RecordedThere there={there} clock={clock} />}
      {error && !there && (
        <p role="alert">{problemIn(error)?.title ?? 'The server does not answer.'} It is kept here; nothing is lost.</p>
      )}
      <button
        type="button"
        className="teach-begin"
        disabled={isLoading}
        onClick={() => void write().catch(() => undefined)}
      >
        {there ? 'Write this one in its place' : 'Write it in the logbook'}
      </button>
      {there && (
        <button type="button" className="bare teach-quiet" onClick={() => leave(`/logbook/${there.id}`)}>
          Keep that one, and let this one go
        </button>
      )}
      <StopPageButton
        session={session}
        startedAt={startedAt}
        stops={teaching.stops}
        titleOf={titled}
        className="bare teach-quiet"
      />
      {onBack && (
        <button type="button" className="bare teach-quiet" onClick={onBack}>
          Back
        </button>
      )}
      <button type="button" className="bare teach-quiet" onClick={() => leave(`/sessions/${session.id}`)}>
        Leave without a record
      </button>
    </main>
  );
});
