import { memo, useMemo } from 'react';
import type { Session } from '../../core/session/plan/session';
import { classBegins, classSeconds } from '../../core/session/plan/slotTime';
import { forecastFor } from '../../core/session/report/forecast';
import { slotVerdict } from '../../core/session/report/slotVerdict';
import type { Timeline } from '../../core/session/timeline/segment';
import { clockAt } from '../../core/words/clockWords';
import { sectionWord } from '../../core/words/sectionWord';
import { useRepertoire } from '../app/repertoire';
import { inWords } from '../app/words';
import { slotWords } from './words/slotWords';
import './slotBar.css';

interface Props {
  readonly session: Session;
  readonly timeline: Timeline;
}

/** The slot as a bar that fills: one stretch per section to scale, the end of the slot as a mark. */
export const SlotBar = memo(function SlotBar({ session, timeline }: Props) {
  const repertoire = useRepertoire();
  const begins = classBegins(session);
  const classMs = classSeconds(session) * 1000;
  const ends = clockAt(begins, timeline.totalMs);
  const forecast = useMemo(() => forecastFor(session, timeline, repertoire.find), [session, timeline, repertoire]);
  const verdict = slotVerdict(forecast, session);
  const [likely, safe, late] = [forecast.likelyMs, forecast.safeMs, forecast.lateMs].map((ms) =>
    clockAt(begins, ms).slice(0, 5),
  );
  const scale = 100 / Math.max(classMs, timeline.totalMs, forecast.safeMs);
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
        {forecast.safeMs > timeline.totalMs && (
          <div
            className="slot-eight-in-ten"
            style={{
              left: `${timeline.totalMs * scale}%`,
              width: `${(forecast.safeMs - timeline.totalMs) * scale}%`,
            }}
          />
        )}
        <div className="slot-end" style={{ left: `${classMs * scale}%` }} />
      </div>
      <p className="number">
        <strong data-testid="planned">{inWords(timeline.totalMs)}</strong> planned from {begins}, ends at{' '}
        <strong data-testid="ends">{ends}</strong>
        {timeline.totalMs > 0 && (
          <span
            className="faded"
            title="Half of such classes have ended by the first, eight in ten by the second, nine in ten by the last: talk varies most"
          >
            , likely by <span data-testid="likely">{likely}</span>, eight in ten by{' '}
            <span data-testid="eight-in-ten">{safe}</span>, nine by <span data-testid="late">{late}</span>
          </span>
        )}
        <span className="slot-verdict">{slotWords(verdict, session)}</span>
      </p>
    </section>
  );
});
