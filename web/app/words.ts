import dayjs from 'dayjs';

/** How the interface says times and days. All lengths are in milliseconds. */

/** A length in words: "1 min 30 s", "45 s", "2 min". */
export function inWords(ms: number): string {
  const seconds = Math.round(Math.abs(ms) / 1000);
  const [whole, rest] = [Math.floor(seconds / 60), seconds % 60];
  if (whole === 0) return `${rest} s`;
  return rest === 0 ? `${whole} min` : `${whole} min ${rest} s`;
}

/** A day as a person says it, seen from `today` (both YYYY-MM-DD): "today", "tomorrow", "Tuesday 1 December". */
export function dayInWords(day: string | null, today: string): string {
  if (day === null) return 'no day yet';
  const distance = dayjs(day).diff(dayjs(today), 'day');
  if (distance === 0) return 'today';
  if (distance === 1) return 'tomorrow';
  if (distance === -1) return 'yesterday';
  return dayjs(day).format('dddd D MMMM');
}

/** The days of the week, Monday first. */
export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
