import dayjs from 'dayjs';
import timezone from 'dayjs/plugin/timezone.js';
import utc from 'dayjs/plugin/utc.js';
import ical, { ICalCalendarMethod, ICalEventStatus } from 'ical-generator';
import { tzlib_get_ical_block } from 'timezones-ical-library';
import { courseClasses } from '../../course/calendar/courseClasses';
import { cellsOf, isIntroduction } from '../../course/classes/classCells';
import type { Course } from '../../course/schema/course';

dayjs.extend(utc);
dayjs.extend(timezone);

/** However a line ends: some of these would end the field they are written in. */
const LINE_ENDS = /\r\n?|[\n\u0085\u2028\u2029]/g;
const inOneLine = (text: string): string => text.replaceAll(LINE_ENDS, ' ');
const inLines = (text: string): string => text.replaceAll(LINE_ENDS, '\n');

/** A time zone as a calendar file describes it, with its changes of clocks. */
const zoneBlock = (zone: string): string | null => {
  const [block] = [tzlib_get_ical_block(zone)].flat();
  return block ?? null;
};

/** What a class is for, in lines: nothing about anybody who comes. */
function contentsOf(course: Course, classId: string, places: ReadonlyMap<string, number>): string {
  const cells = cellsOf(course.threads, course.plan, classId, places);
  const fresh = cells.filter(isIntroduction).map(({ thread }) => thread.title);
  const kept = cells.filter((cell) => !isIntroduction(cell)).map(({ thread }) => thread.title);
  return [fresh.length > 0 && `New: ${fresh.join(', ')}`, kept.length > 0 && `Going on: ${kept.join(', ')}`]
    .filter(Boolean)
    .join('\n');
}

/**
 * A course as a calendar file (RFC 5545): an event for each class, at its hall's local time, with the zone's own rules. A class keeps
 * its UID when it is moved; one that is cancelled stays and says so; SEQUENCE is the course's revision.
 * @param stamp when the file is made, as an ISO instant
 * @param today the local day, for a course without an end
 */
export function courseCalendar(course: Course, place: string, revision: number, stamp: string, today: string): string {
  const { zone } = course.calendar;
  const file = ical({
    name: inOneLine(course.name),
    prodId: { company: 'Vesperum', product: 'Vesperum', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    timezone: { name: zone, generator: zoneBlock },
  });
  const classes = courseClasses(course.calendar, today);
  const held = classes.filter(({ cancelled }) => cancelled === null);
  const places = new Map(held.map(({ id }, at) => [id, at]));
  for (const { id, date, startsAt, minutes, cancelled } of classes) {
    const start = dayjs.tz(`${date}T${startsAt}:00`, zone);
    const number = places.get(id);
    file.createEvent({
      id: `${course.id}.${id}@vesperum`,
      sequence: revision,
      stamp: dayjs(stamp),
      start,
      end: start.add(minutes, 'minute'),
      timezone: zone,
      summary: inOneLine(number === undefined ? course.name : `${course.name}, class ${number + 1}`),
      location: inOneLine(place),
      status: cancelled === null ? ICalEventStatus.CONFIRMED : ICalEventStatus.CANCELLED,
      description: inLines(cancelled === null ? contentsOf(course, id, places) : cancelled),
    });
  }
  return file.toString();
}
