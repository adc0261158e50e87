import type { LogSummary, SessionSummary } from '../../../core/formats/api/api';

/** The next class to be taught: the first from today on that has not been recorded yet; null when none lies ahead. */
export function nextOf(
  sessions: readonly SessionSummary[],
  logs: readonly Pick<LogSummary, 'sessionId'>[],
  today: string,
): SessionSummary | null {
  const ahead = sessions.filter(
    ({ id, date }) => date !== null && date >= today && !logs.some(({ sessionId }) => sessionId === id),
  );
  const when = ({ date, startsAt }: SessionSummary) => `${date} ${startsAt}`;
  return ahead.toSorted((a, b) => when(a).localeCompare(when(b)))[0] ?? null;
}
