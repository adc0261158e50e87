import ICAL from 'ical.js';
import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import { courseCalendar } from './courseCalendar';
import { readClosures } from './readClosures';

const STAMP = '2027-01-01T12:00:00.000Z';
/** Four classes across the start of summer time, the second moved, the third cancelled. */
const course = sampleCourse([sampleThread('clouds', 2)], 4, {
  calendar: {
    firstDay: '2027-03-16',
    zone: 'Europe/London',
    meetings: [{ weekday: 2, startsAt: '19:00', minutes: 75 }],
    ends: { kind: 'classes', count: 4 },
    closures: [],
    changes: [
      { kind: 'moved', id: '2027-03-23-1900', date: '2027-03-24', startsAt: '18:30' },
      { kind: 'cancelled', id: '2027-03-30-1900', why: 'Heating' },
    ],
  },
  plan: {
    clouds: [
      { classId: '2027-03-16-1900', layers: 1 },
      { classId: '2027-03-23-1900', layers: 1 },
    ],
  },
});

/** The events of a file, read by another library than the one that wrote it. */
const eventsOf = (text: string) =>
  new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((component) => {
    const event = new ICAL.Event(component);
    return { event, status: component.getFirstPropertyValue('status'), uid: event.uid };
  });

test('a course goes out as a calendar: local times with their zone, stable identities, what is cancelled said', () => {
  const text = courseCalendar(course, 'The Tram Shed', 7, STAMP, '2027-03-01');
  expect(text).toContain('BEGIN:VTIMEZONE');
  const events = eventsOf(text);
  expect(events.map(({ uid }) => uid)).toEqual(
    ['2027-03-16-1900', '2027-03-23-1900', '2027-03-30-1900', '2027-04-06-1900'].map(
      (id) => `evening-course.${id}@vesperum`,
    ),
  );
  expect(events.map(({ event }) => event.startDate.toString())).toEqual([
    '2027-03-16T19:00:00',
    '2027-03-24T18:30:00',
    '2027-03-30T19:00:00',
    '2027-04-06T19:00:00',
  ]);
  expect(events.map(({ status }) => status)).toEqual(['CONFIRMED', 'CONFIRMED', 'CANCELLED', 'CONFIRMED']);
  expect(events.map(({ event }) => event.sequence)).toEqual([7, 7, 7, 7]);
  expect(events[0]?.event.description).toBe('New: clouds');
  expect(events[0]?.event.duration.toSeconds()).toBe(75 * 60);
  // The hall's own clocks: 19:00 is 19:00 UTC before the change, 18:00 UTC after it.
  expect(events.map(({ event }) => event.startDate.zone.tzid)).toEqual(Array(4).fill('Europe/London'));
});

const calendarOf = (...events: string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//made up//EN', ...events, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: string[]): string =>
  ['BEGIN:VEVENT', 'UID:a', 'DTSTAMP:20270101T000000Z', ...lines, 'END:VEVENT'].join('\r\n');

test('closures are read: all day, timed, and those that come again', () => {
  const text = calendarOf(
    event('SUMMARY:Floor is sanded', 'DTSTART;VALUE=DATE:20270405', 'DTEND;VALUE=DATE:20270408'),
    event('SUMMARY:Choir day', 'DTSTART:20270416T090000', 'DTEND:20270416T220000'),
    event('SUMMARY:Market', 'DTSTART;VALUE=DATE:20270501', 'RRULE:FREQ=WEEKLY;COUNT=3'),
    event('SUMMARY:Long past', 'DTSTART;VALUE=DATE:20200101'),
  );
  expect(readClosures(text, '2027-03-01')).toEqual({
    ok: true,
    closures: [
      { from: '2027-04-05', to: '2027-04-07', why: 'Floor is sanded' },
      { from: '2027-04-16', to: '2027-04-16', why: 'Choir day' },
      { from: '2027-05-01', to: '2027-05-01', why: 'Market' },
      { from: '2027-05-08', to: '2027-05-08', why: 'Market' },
      { from: '2027-05-15', to: '2027-05-15', why: 'Market' },
    ],
  });
});

test.each([
  ['not a calendar at all', 'once upon a time', /not a calendar file/],
  ['nothing', '', /not a calendar file/],
  ['a card of addresses', 'BEGIN:VCARD\r\nVERSION:3.0\r\nEND:VCARD\r\n', /BEGIN:VCALENDAR/],
  ['an event without a day', calendarOf(event('SUMMARY:Some day')), /Event 1/],
  ['only what is past', calendarOf(event('DTSTART;VALUE=DATE:20200101')), /Nothing in this file/],
  ['far too much', 'x'.repeat(1_000_001), /larger than/],
])('%s is refused with the reason', (_, text, reason) => {
  const answer = readClosures(text, '2027-03-01');
  expect(answer).toMatchObject({ ok: false });
  expect(answer.ok ? '' : answer.message).toMatch(reason);
});

test('a weekly one that began ten years ago is read where it matters, and one from before that still lasts', () => {
  const text = calendarOf(
    event('SUMMARY:Market', 'DTSTART;VALUE=DATE:20170304', 'RRULE:FREQ=WEEKLY;UNTIL=20270320'),
    event('SUMMARY:Fair', 'DTSTART;VALUE=DATE:20260226', 'DTEND;VALUE=DATE:20260303', 'RRULE:FREQ=YEARLY;COUNT=2'),
  );
  expect(readClosures(text, '2027-03-01')).toEqual({
    ok: true,
    closures: [
      { from: '2027-02-26', to: '2027-03-02', why: 'Fair' },
      { from: '2027-03-06', to: '2027-03-06', why: 'Market' },
      { from: '2027-03-13', to: '2027-03-13', why: 'Market' },
      { from: '2027-03-20', to: '2027-03-20', why: 'Market' },
    ],
  });
});

test.each([
  ['FREQ=DAILY;BYMONTHDAY=30;BYMONTH=2', /Nothing in this file/],
  ['FREQ=WEEKLY;BYDAY=MO;BYMONTHDAY=31;BYMONTH=4', /Nothing in this file|cannot be read/],
  ['FREQ=MONTHLY;BYMONTHDAY=31;BYMONTH=2', /Nothing in this file|cannot be read/],
  ['FREQ=SECONDLY;BYMONTH=2;BYMONTHDAY=30', /more than once a day/],
])('%s, a rule that never comes, is answered', (rule, reason) => {
  const answer = readClosures(calendarOf(event('DTSTART;VALUE=DATE:20270331', `RRULE:${rule}`)), '2027-04-01');
  expect(answer.ok ? '' : answer.message).toMatch(reason);
});

test('what is written in several lines stays in its field', () => {
  const name = 'Evening\rBEGIN:VEVENT\r\nSUMMARY:Another\u2028and more';
  const text = courseCalendar({ ...course, name }, 'The Shed\rATTENDEE:somebody', 7, STAMP, '2027-03-01');
  expect(eventsOf(text)).toHaveLength(4);
  expect(text.split('\r\n').some((line) => /\r|\u2028|^ATTENDEE/.test(line))).toBe(false);
});

test('an event that comes again for ever is read as far as a course goes', () => {
  const answer = readClosures(calendarOf(event('DTSTART;VALUE=DATE:20270301', 'RRULE:FREQ=DAILY')), '2027-03-01');
  expect(answer.ok && answer.closures.length).toBe(200);
});
