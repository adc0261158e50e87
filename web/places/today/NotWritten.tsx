import dayjs from 'dayjs';
import { Link } from 'react-router';
import type { LogSummary, SessionSummary } from '../../../core/formats/api/api';
import { dayInWords } from '../../app/words';

/** What is older than this many days is not asked for any more. */
const ASKED_FOR = 14;

interface Props {
  readonly sessions: readonly SessionSummary[];
  readonly logs: readonly LogSummary[];
  /** YYYY-MM-DD */
  readonly today: string;
}

/** Classes of the last two weeks of which nothing is written down: a minute does it. */
export function NotWritten({ sessions, logs, today }: Props) {
  const since = dayjs(today).subtract(ASKED_FOR, 'day').format('YYYY-MM-DD');
  const missing = sessions.filter(
    ({ id, date }) => date !== null && date < today && date >= since && !logs.some(({ sessionId }) => sessionId === id),
  );
  if (missing.length === 0) return null;
  return (
    <section className="today-later" aria-label="Not written down">
      <h3>Not written down yet</h3>
      <ul>
        {missing.map(({ id, title, date }) => (
          <li key={id}>
            <span className="faded number">{dayInWords(date, today)}</span>
            <Link to={`/logbook/after/${id}`}>{title}</Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
