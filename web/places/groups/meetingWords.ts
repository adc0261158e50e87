import type { Group } from '../../../core/group/group';
import { WEEKDAYS } from '../../app/words';

/** When a group meets: "Tuesdays at 19:00 for 75 min", or in the instructor's own words where no day is said. */
export function meetingWords({ meetings, meets }: Pick<Group, 'meetings' | 'meets'>): string {
  const days = meetings.map(
    ({ weekday, startsAt, minutes }) => `${WEEKDAYS[weekday - 1]}s at ${startsAt} for ${minutes} min`,
  );
  return days.length > 0 ? days.join(', ') : meets;
}
