import dayjs from 'dayjs';
import type { SessionSummary, SessionsPage } from '../../../../core/formats/api/api';
import type { SessionsAsked } from '../../../app/server/api';

const isIn = ({ date }: SessionSummary, { when, today }: SessionsAsked): boolean => {
  const day = dayjs(today);
  const monday = day.subtract((day.day() + 6) % 7, 'day');
  switch (when) {
    case 'all':
      return true;
    case 'coming':
      return date === null || date >= today;
    case 'past':
      return date !== null && date < today;
    case 'week':
      return date !== null && date >= monday.format('YYYY-MM-DD') && date < monday.add(7, 'day').format('YYYY-MM-DD');
  }
};

/**
 * A page of classes from all that this machine has, as the server would answer it: what comes first, then those without a day, then the
 * past, the latest first. For when the server is away.
 */
export function narrowHere(all: readonly SessionSummary[], asked: SessionsAsked): SessionsPage {
  const { group, words = '', from, size, today } = asked;
  const rank = ({ date }: SessionSummary): number => (date === null ? 1 : date >= today ? 0 : 2);
  const when = ({ date, startsAt }: SessionSummary): string => `${date} ${startsAt}`;
  const found = all
    .filter((one) => isIn(one, asked) && (group === undefined || one.groupId === group))
    .filter(({ title }) => title.toLowerCase().includes(words.toLowerCase()))
    .toSorted(
      (a, b) => rank(a) - rank(b) || (rank(a) === 0 ? when(a).localeCompare(when(b)) : when(b).localeCompare(when(a))),
    );
  return { total: found.length, rows: found.slice(from, from + size) };
}
