import ICAL from 'ical.js';
import type { Closure } from '../../course/calendar/calendar';
import { timesOfEvent } from './timesOfEvent';

/** So much of a calendar file is read: it may come from anywhere. */
const MOST_CHARACTERS = 1_000_000;
const MOST_EVENTS = 2000;
/** Of what comes again and again, as much as lies within so many days. */
const DAYS_AHEAD = 550;

export type ClosuresRead =
  | { readonly ok: true; readonly closures: readonly Closure[] }
  | { readonly ok: false; readonly message: string };

const wrong = (message: string): ClosuresRead => ({ ok: false, message });

/** The days of an event, both included; an all-day event ends before its last day, one with times on the day it ends. */
function daysOf(start: ICAL.Time, end: ICAL.Time): { from: string; to: string } {
  const last = end.clone();
  if (start.isDate && end.compare(start) > 0) last.adjust(-1, 0, 0, 0);
  const day = (time: ICAL.Time) => time.toString().slice(0, 10);
  return { from: day(start), to: day(last) };
}

/**
 * Reads the days on which a hall is closed from a calendar file: each event is a closure, whether it is all day, timed or comes again.
 * @param from the first day that matters, YYYY-MM-DD
 * @returns what is wrong with the file, and nothing of it, where it cannot be read whole
 */
export function readClosures(text: string, from: string): ClosuresRead {
  if (text.length > MOST_CHARACTERS)
    return wrong('This file is larger than a calendar of closures would be (one megabyte).');
  let events: ICAL.Component[];
  try {
    const calendar = new ICAL.Component(ICAL.parse(text));
    if (calendar.name !== 'vcalendar')
      return wrong('This is not a calendar file: it does not begin with BEGIN:VCALENDAR.');
    events = calendar.getAllSubcomponents('vevent');
  } catch (error) {
    const said = error instanceof Error ? error.message : '';
    return wrong(`This is not a calendar file that can be read. ${said}`.trim().slice(0, 240));
  }
  if (events.length > MOST_EVENTS)
    return wrong(`This file has ${events.length} events; ${MOST_EVENTS} are the most that are read.`);
  const [begins, until] = [ICAL.Time.fromDateString(from), ICAL.Time.fromDateString(from)];
  until.adjust(DAYS_AHEAD, 0, 0, 0);
  const closures: Closure[] = [];
  for (const [place, component] of events.entries()) {
    try {
      const event = new ICAL.Event(component);
      const why = (event.summary ?? '').slice(0, 120);
      if (!event.startDate) return wrong(`Event ${place + 1} has no DTSTART.`);
      if (!event.isRecurring()) {
        closures.push({ ...daysOf(event.startDate, event.endDate), why });
        continue;
      }
      for (const time of timesOfEvent(event, begins, until)) {
        const { startDate, endDate } = event.getOccurrenceDetails(time);
        closures.push({ ...daysOf(startDate, endDate), why });
      }
    } catch (error) {
      return wrong(
        `Event ${place + 1} cannot be read. ${error instanceof Error ? error.message : ''}`.trim().slice(0, 240),
      );
    }
  }
  const ahead = closures.filter(({ to }) => to >= from).toSorted((a, b) => (a.from < b.from ? -1 : 1));
  if (ahead.length === 0) return wrong('Nothing in this file lies within the course.');
  return { ok: true, closures: ahead };
}
