import { memo, useMemo } from 'react';
import { adaptedMovements } from '../../core/session/plan/adaptMovement';
import type { Session } from '../../core/session/plan/session';
import { forecastOf, forecastParts } from '../../core/session/report/forecast';
import { slotVerdict } from '../../core/session/report/slotVerdict';
import type { Timeline } from '../../core/session/timeline/segment';
import { clockAt } from '../../core/words/clockWords';
import { useRepertoire } from '../app/repertoire';
import { inWords, sectionWord } from '../app/words';
import { slotWords } from './slotWords';
import './slotBar.css';

interface Props {
  readonly session: Session;
  readonly timeline: Timeline;
}

/** The slot as a bar that fills: one stretch per section to scale, the end of the slot as a mark. */
export const SlotBar = memo(function SlotBar({ session, timeline }: Props) {
  const repertoire = useRepertoire();
  const verdict = slotVerdict(timeline.totalMs, session.slotMinutes);
  const slotMs = session.slotMinutes * 60_000;
  const ends = clockAt(session.startsAt, timeline.totalMs);
  const [likely, late] = useMemo(() => {
    const { likelyMs, lateMs } = forecastOf(forecastParts(timeline, adaptedMovements(session, repertoire.find)));
    return [likelyMs, lateMs].map((ms) => clockAt(session.startsAt, ms).slice(0, 5));
  }, [session, timeline, repertoire]);
  const scale = 100 / Math.max(slotMs, timeline.totalMs);
  return (
    <section className={`slot slot--${verdict.state}`} aria-label="The slot">
      <div className="slot-bar" aria-hidden>
        {timeline.sections.map(({ kind, startMs, lengthMs }) => (
          <div
            key={startMs + kind}
            className={`slot-part slot-part--${kind}`}
            style={{ left: `${startMs * scale}%`, width: `${lengthMs * scale}%` }}
          >
            {lengthMs * scale > 8 && sectionWord(kind)}
          </div>
        ))}
        <div className="slot-end" style={{ left: `${slotMs * scale}%` }} />
      </div>
      <p className="number">
        <strong data-testid="planned">{inWords(timeline.totalMs)}</strong> planned from {session.startsAt}, ends at{' '}
        <strong data-testid="ends">{ends}</strong>
        {timeline.totalMs > 0 && (
          <span
            className="faded"
            title="Half of such classes end by the one, nine in ten by the other: talk varies most"
          >
            , likely by <span data-testid="likely">{likely}</span>, late by <span data-testid="late">{late}</span>
          </span>
        )}
        <span className="slot-verdict">{slotWords(verdict, session.slotMinutes)}</span>
      </p>
    </section>
  );
});
