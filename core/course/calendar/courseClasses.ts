import dayjs from 'dayjs';
import utc from 'dayjs/plugin/utc.js';
import { type CourseCalendar, type Meeting, MOST_IN_COURSE, ROLLING } from './calendar';

dayjs.extend(utc);

/** One class of a course: held, or cancelled with the reason. */
export interface CourseClass {
  /** Its identity: the day and time its week would have it, whenever it really is. */
  readonly id: string;
  readonly date: string;
  readonly startsAt: string;
  /** From door to door. */
  readonly minutes: number;
  readonly cancelled: string | null;
  readonly isMoved: boolean;
}

/** A class that takes place. */
export interface HeldClass extends CourseClass {
  readonly cancelled: null;
  /** Its number among those held, from 1. */
  readonly number: number;
  /** Days since the class before; null for the first. */
  readonly daysSince: number | null;
}

/** Days are reckoned without a time zone: a day has no clocks to change. */
const day = (date: string) => dayjs.utc(date);
const DAY = 'YYYY-MM-DD';
/** No course goes through more days than these, however its halls are closed. */
const MOST_DAYS = 1500;

const idOf = (date: string, { startsAt }: Meeting): string => `${date}-${startsAt.replace(':', '')}`;

const byTime = (a: CourseClass, b: CourseClass): number =>
  `${a.date} ${a.startsAt} ${a.id}` < `${b.date} ${b.startsAt} ${b.id}` ? -1 : 1;

/** Whether a day is within a closure. */
const isClosed = ({ closures }: CourseCalendar, date: string): boolean =>
  closures.some(({ from, to }) => from <= date && date <= to);

/**
 * The classes as their weeks would have them, with none on closed days. A course of so many classes goes on until it has them; one
 * without an end has the next eight from a day on, and all before it.
 */
function weekly(calendar: CourseCalendar, today: string): CourseClass[] {
  const { firstDay, meetings, ends } = calendar;
  const classes: CourseClass[] = [];
  let ahead = 0;
  const most = ends.kind === 'classes' ? ends.count : MOST_IN_COURSE * 5;
  for (let days = 0; days < MOST_DAYS && classes.length < most; days += 1) {
    const at = day(firstDay).add(days, 'day');
    const date = at.format(DAY);
    if (ends.kind === 'day' && date > ends.last) break;
    if (ends.kind === 'open' && ahead >= ROLLING) break;
    if (isClosed(calendar, date)) continue;
    const weekday = at.day() === 0 ? 7 : at.day();
    const ofDay = meetings
      .filter((meeting) => meeting.weekday === weekday)
      .toSorted((a, b) => (a.startsAt < b.startsAt ? -1 : 1));
    for (const meeting of ofDay) {
      if (classes.length >= most) break;
      if (date >= today) ahead += 1;
      const { startsAt, minutes } = meeting;
      classes.push({ id: idOf(date, meeting), date, startsAt, minutes, cancelled: null, isMoved: false });
    }
  }
  return classes;
}

/**
 * All classes of a course in the order in which they are, those cancelled among them.
 * @param today the local day, YYYY-MM-DD: a course without an end looks eight classes ahead from it
 */
export function courseClasses(calendar: CourseCalendar, today: string): CourseClass[] {
  const changes = new Map(calendar.changes.map((change) => [change.id, change]));
  const changed = weekly(calendar, today).map((one): CourseClass => {
    const change = changes.get(one.id);
    if (change?.kind === 'moved') return { ...one, date: change.date, startsAt: change.startsAt, isMoved: true };
    if (change?.kind === 'cancelled') return { ...one, cancelled: change.why };
    return one;
  });
  const added = calendar.changes.flatMap((change): CourseClass[] => {
    if (change.kind !== 'added') return [];
    const { id, date, startsAt, minutes } = change;
    return [{ id, date, startsAt, minutes, cancelled: null, isMoved: false }];
  });
  return [...changed, ...added].sort(byTime);
}

/** The classes that take place, numbered, each with the days since the one before. */
export function heldClasses(calendar: CourseCalendar, today: string): HeldClass[] {
  const held = courseClasses(calendar, today).filter(({ cancelled }) => cancelled === null);
  return held.map((one, place): HeldClass => {
    const before = held[place - 1];
    const daysSince = before ? day(one.date).diff(day(before.date), 'day') : null;
    return { ...one, cancelled: null, number: place + 1, daysSince };
  });
}
