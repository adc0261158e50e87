import dayjs from 'dayjs';
import type { Meeting } from './calendar';

/** When a group meets next: its day (YYYY-MM-DD), its time, and how long its slot is. */
export interface NextMeeting extends Pick<Meeting, 'startsAt' | 'minutes'> {
  readonly date: string;
}

/** The first of a group's meetings on a day or after it (YYYY-MM-DD, local); null for one that has none. */
export function nextMeeting(meetings: readonly Meeting[], from: string): NextMeeting | null {
  const start = dayjs(from);
  const coming = meetings.map(({ weekday, startsAt, minutes }): NextMeeting => {
    // Monday is 1 here, and Sunday 0 there.
    const days = (weekday - (start.day() === 0 ? 7 : start.day()) + 7) % 7;
    return { date: start.add(days, 'day').format('YYYY-MM-DD'), startsAt, minutes };
  });
  const [first] = coming.toSorted((a, b) => `${a.date} ${a.startsAt}`.localeCompare(`${b.date} ${b.startsAt}`));
  return first ?? null;
}
