import dayjs from 'dayjs';
import { localDay } from '../words/localDay';
import type { LogPoint } from './logPoint';

/** A table behind a picture: what its columns are called, and its rows; null where nothing was noted. */
export interface Table {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly (string | number | null)[])[];
}

const dayOf = ({ startedAt }: LogPoint): string => localDay(startedAt);
const inMinutes = (ms: number): number => Math.round(ms / 6000) / 10;

/** Classes in the order they were taught. */
export const inTime = (points: readonly LogPoint[]): LogPoint[] =>
  points.toSorted((a, b) => dayjs(a.startedAt).valueOf() - dayjs(b.startedAt).valueOf());

/** How many minutes each class ended after its slot; below 0 where it ended before. */
export const endsAgainstSlot = (points: readonly LogPoint[]): Table => ({
  columns: ['Day', 'Class', 'Taught, min', 'Slot, min', 'Over, min', 'Eight in ten by, min'],
  rows: inTime(points).map((point) => [
    dayOf(point),
    point.title,
    inMinutes(point.actualMs),
    inMinutes(point.slotMs),
    inMinutes(point.actualMs - point.slotMs),
    point.safeMs === null ? null : inMinutes(point.safeMs),
  ]),
});

/** How many minutes of each section each class had. */
export function minutesOfSections(points: readonly LogPoint[], sections: readonly string[]): Table {
  return {
    columns: ['Day', 'Class', ...sections],
    rows: inTime(points).map((point) => [
      dayOf(point),
      point.title,
      ...sections.map((section) => inMinutes(point.sections[section] ?? 0)),
    ]),
  };
}

/** What each class asked of the thighs, the shoulders and the low back, index times minutes. */
export const loadOverTime = (points: readonly LogPoint[]): Table => ({
  columns: ['Day', 'Class', 'Thighs', 'Shoulders', 'Low back'],
  rows: inTime(points).map((point) => {
    const { thighs = null, shoulders = null, back = null } = point.load ?? {};
    return [dayOf(point), point.title, thighs, shoulders, back];
  }),
});

/** How many came to each class. */
export const cameOverTime = (points: readonly LogPoint[]): Table => ({
  columns: ['Day', 'Class', 'Came'],
  rows: inTime(points).map((point) => [dayOf(point), point.title, point.attendance]),
});

/**
 * What was practised: in how many classes, when last, and how many weeks ago that is; what was not practised for longest comes first.
 * @param today the local day, YYYY-MM-DD
 */
export function practisedOverTime(points: readonly LogPoint[], today: string, nameOf: (id: string) => string): Table {
  const found = new Map<string, { times: number; last: string }>();
  for (const point of inTime(points))
    for (const id of point.movements) found.set(id, { times: (found.get(id)?.times ?? 0) + 1, last: dayOf(point) });
  return {
    columns: ['Movement', 'Classes', 'Last', 'Weeks ago'],
    rows: [...found]
      .map(([id, { times, last }]) => [nameOf(id), times, last, dayjs(today).diff(dayjs(last), 'week')] as const)
      .toSorted((a, b) => a[2].localeCompare(b[2]) || b[1] - a[1] || a[0].localeCompare(b[0])),
  };
}

/** What was noted after classes that has some words in it, the latest first: a tight side followed over weeks. */
export const notedWith = (
  points: readonly LogPoint[],
  words: string,
): { readonly point: LogPoint; readonly line: string }[] =>
  inTime(points)
    .toReversed()
    .flatMap((point) =>
      point.notes
        .split('\n')
        .filter((line) => line.trim() !== '' && line.toLowerCase().includes(words.trim().toLowerCase()))
        .map((line) => ({ point, line })),
    );
