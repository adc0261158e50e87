import type { Timeline } from '../../../core/session/segment';
import type { Session } from '../../../core/session/session';
import { slotVerdict } from '../../../core/session/slotVerdict';
import { clockAt, inWords, sectionWord } from '../../app/words';
import { slotWords } from './slotWords';
import './slotBar.css';

/** The slot as a bar that fills: one stretch per section to scale, the end of the slot as a mark. */
export function SlotBar({ session, timeline }: { readonly session: Session; readonly timeline: Timeline }) {
  const verdict = slotVerdict(timeline.totalMs, session.slotMinutes);
  const slotMs = session.slotMinutes * 60_000;
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
        <strong data-testid="ends">{clockAt(session.startsAt, timeline.totalMs)}</strong>
        <span className="slot-verdict">{slotWords(verdict, session.slotMinutes)}</span>
      </p>
    </section>
  );
}
