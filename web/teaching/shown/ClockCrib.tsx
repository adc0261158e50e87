import dayjs from 'dayjs';
import { coolDownBy } from '../../../core/record/standing/coolDownBy';
import { remainingMs } from '../../../core/record/standing/remaining';
import type { Teaching } from '../../../core/record/standing/teaching';
import type { Session } from '../../../core/session/plan/session';
import { classSeconds } from '../../../core/session/plan/slotTime';
import type { Segment, Timeline } from '../../../core/session/timeline/segment';
import { sectionWord } from '../../../core/words/sectionWord';
import './crib.css';

interface Props {
  readonly session: Session;
  readonly timeline: Timeline;
  readonly teaching: Teaching;
  readonly startedAt: string;
  readonly segment: Segment;
  readonly name: string;
  readonly next: { readonly name: string; readonly startMs: number } | null;
}

/** A class without its metronome: the section and the line, what comes next and when by the clock, and by when the cool-down begins. */
export function ClockCrib({ session, timeline, teaching, startedAt, segment, name, next }: Props) {
  const at = (wallMs: number) => dayjs(startedAt).add(wallMs, 'ms').format('HH:mm');
  const by = coolDownBy(timeline, teaching, classSeconds(session) * 1000);
  const until = next
    ? remainingMs(timeline, teaching) - remainingMs(timeline, { ...teaching, planMs: next.startMs, welcomeMs: 0 })
    : 0;
  return (
    <div className="teach-crib">
      <p className="teach-crib-section">{sectionWord(session.sections[segment.section]?.kind ?? '')}</p>
      <p className="teach-call name" aria-live="polite">
        {teaching.paused ? 'Paused' : name}
      </p>
      {next && (
        <p className="teach-crib-next">
          {at(teaching.wallMs + until)} <strong className="name">{next.name}</strong>
        </p>
      )}
      {by && <p className={`teach-crib-by number${by.inDanger ? ' teach-danger' : ''}`}>cool-down by {at(by.byMs)}</p>}
    </div>
  );
}
