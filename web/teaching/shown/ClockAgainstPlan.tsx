import dayjs from 'dayjs';
import { coolDownBy } from '../../../core/record/standing/coolDownBy';
import { remainingMs } from '../../../core/record/standing/remaining';
import type { Teaching } from '../../../core/record/standing/teaching';
import type { Session } from '../../../core/session/plan/session';
import { classSeconds } from '../../../core/session/plan/slotTime';
import type { Timeline } from '../../../core/session/timeline/segment';
import { minutes } from '../../../core/words/clockWords';
import { inWords } from '../../app/words';

interface Props {
  readonly session: Session;
  readonly startedAt: string;
  readonly timeline: Timeline;
  readonly teaching: Teaching;
}

/** Behind or ahead by less than this says "on time", milliseconds. */
const ON_TIME = 5000;

/** The clock against the plan: how long the class has run, how far it is behind, when it will end. */
export function ClockAgainstPlan({ session, startedAt, timeline, teaching }: Props) {
  const behind = teaching.wallMs - teaching.planMs;
  const left = remainingMs(timeline, teaching);
  const ends = dayjs(startedAt).add(teaching.wallMs + left, 'ms');
  const beyond = teaching.wallMs + left - classSeconds(session) * 1000;
  const by = coolDownBy(timeline, teaching, classSeconds(session) * 1000);
  const standing = Math.abs(behind) < ON_TIME ? 'on time' : `${inWords(behind)} ${behind > 0 ? 'behind' : 'ahead'}`;
  return (
    <dl className="teach-clock number">
      <div>
        <dt>gone</dt>
        <dd data-testid="gone">{minutes(Math.floor(teaching.wallMs / 1000) * 1000)}</dd>
      </div>
      <div>
        <dt>plan</dt>
        <dd data-testid="standing">{standing}</dd>
      </div>
      {by && (
        <div className={by.inDanger ? 'teach-late' : ''}>
          <dt>cool-down by</dt>
          <dd data-testid="cool-down-by">{dayjs(startedAt).add(by.byMs, 'ms').format('HH:mm')}</dd>
        </div>
      )}
      <div className={beyond > 0 ? 'teach-late' : ''}>
        <dt>ends</dt>
        <dd>
          {ends.format('HH:mm')}
          {beyond > ON_TIME && `, ${inWords(beyond)} over`}
        </dd>
      </div>
    </dl>
  );
}
