/** How times are said. All lengths are in milliseconds. */

const two = (value: number): string => String(value).padStart(2, '0');

/** A length as minutes and seconds, rounded to the second: 90500 is "1:31". */
export function minutes(ms: number): string {
  const seconds = Math.round(ms / 1000);
  return `${Math.floor(seconds / 60)}:${two(seconds % 60)}`;
}

/** The time of day so long after a start of HH:MM, rounded to the second: clockAt('19:00', 90000) is "19:01:30". */
export function clockAt(startsAt: string, ms: number): string {
  const [hours = 0, mins = 0] = startsAt.split(':').map(Number);
  const seconds = (hours * 3600 + mins * 60 + Math.round(ms / 1000)) % 86_400;
  return `${two(Math.floor(seconds / 3600))}:${two(Math.floor((seconds % 3600) / 60))}:${two(seconds % 60)}`;
}

/** A place in a recording, to the millisecond: 90500 is "00:01:30.500". */
export const timecode = (ms: number): string =>
  `${clockAt('00:00', Math.floor(ms / 1000) * 1000)}.${String(ms % 1000).padStart(3, '0')}`;
