import { CourseCalendar } from './calendar';
import { courseClasses, heldClasses } from './courseClasses';

const TUESDAY = { weekday: 2, startsAt: '19:00', minutes: 75 };
const calendarWith = (more: object = {}): CourseCalendar =>
  CourseCalendar.parse({
    firstDay: '2027-03-16',
    zone: 'Europe/London',
    meetings: [TUESDAY],
    ends: { kind: 'classes', count: 4 },
    ...more,
  });
const days = (calendar: CourseCalendar, today = '2027-03-01') => heldClasses(calendar, today).map(({ date }) => date);

test('a term goes on at the same wall time across the start of summer time', () => {
  // Clocks go forward on 28 March 2027.
  const classes = heldClasses(calendarWith(), '2027-03-01');
  expect(classes.map(({ date, startsAt }) => `${date} ${startsAt}`)).toEqual([
    '2027-03-16 19:00',
    '2027-03-23 19:00',
    '2027-03-30 19:00',
    '2027-04-06 19:00',
  ]);
  expect(classes.map(({ daysSince }) => daysSince)).toEqual([null, 7, 7, 7]);
});

test('a closure on the first day puts the beginning off, and so many classes are still held', () => {
  const closures = [{ from: '2027-03-15', to: '2027-03-17', why: 'Floor is sanded' }];
  expect(days(calendarWith({ closures }))).toEqual(['2027-03-23', '2027-03-30', '2027-04-06', '2027-04-13']);
});

test('a course that begins on another day of the week begins on the first that is its own', () => {
  expect(days(calendarWith({ firstDay: '2027-03-18' }))[0]).toBe('2027-03-23');
});

test('a class moved beyond the end keeps its identity and comes last', () => {
  const changes = [{ kind: 'moved', id: '2027-03-23-1900', date: '2027-04-20', startsAt: '18:30' }];
  const classes = heldClasses(calendarWith({ changes }), '2027-03-01');
  expect(classes.map(({ date }) => date)).toEqual(['2027-03-16', '2027-03-30', '2027-04-06', '2027-04-20']);
  expect(classes.at(-1)).toMatchObject({ id: '2027-03-23-1900', startsAt: '18:30', isMoved: true, number: 4 });
});

test('a cancelled class is no longer held, and none comes in its place', () => {
  const changes = [{ kind: 'cancelled', id: '2027-03-23-1900', why: 'Heating' }];
  expect(days(calendarWith({ changes }))).toEqual(['2027-03-16', '2027-03-30', '2027-04-06']);
  expect(courseClasses(calendarWith({ changes }), '2027-03-01')[1]).toMatchObject({ cancelled: 'Heating' });
});

test('an added class stands where its day puts it', () => {
  const changes = [{ kind: 'added', id: 'extra', date: '2027-03-25', startsAt: '10:00', minutes: 60 }];
  const classes = heldClasses(calendarWith({ changes }), '2027-03-01');
  expect(classes.map(({ id }) => id)).toEqual([
    '2027-03-16-1900',
    '2027-03-23-1900',
    'extra',
    '2027-03-30-1900',
    '2027-04-06-1900',
  ]);
  expect(classes[2]?.daysSince).toBe(2);
});

test('two classes on one day come in the order of the clock', () => {
  const meetings = [TUESDAY, { weekday: 2, startsAt: '10:00', minutes: 60 }];
  const classes = heldClasses(calendarWith({ meetings }), '2027-03-01');
  expect(classes.map(({ date, startsAt }) => `${date} ${startsAt}`)).toEqual([
    '2027-03-16 10:00',
    '2027-03-16 19:00',
    '2027-03-23 10:00',
    '2027-03-23 19:00',
  ]);
  expect(classes[1]?.daysSince).toBe(0);
});

test('a last day ends a course, and it may fall on a class', () => {
  expect(days(calendarWith({ ends: { kind: 'day', last: '2027-03-30' } }))).toEqual([
    '2027-03-16',
    '2027-03-23',
    '2027-03-30',
  ]);
});

test('a course without an end has all before today and the next eight', () => {
  const open = calendarWith({ ends: { kind: 'open' } });
  expect(days(open, '2027-03-24')).toHaveLength(2 + 8);
  expect(days(open, '2027-03-01')).toHaveLength(8);
});

test.each([
  [{ meetings: [] }, 'meetings: a course meets on a day of the week'],
  [{ zone: 'Nowhere/Else' }, 'zone: no such time zone is known'],
  [{ ends: { kind: 'day', last: '2027-01-01' } }, 'ends.last: the last day is before the first'],
  [{ closures: [{ from: '2027-04-02', to: '2027-04-01' }] }, 'closures.0.to: a closure ends on its first day or later'],
])('what cannot be is refused by its field', (more, complaint) => {
  const calendar = {
    firstDay: '2027-03-16',
    zone: 'Europe/London',
    meetings: [TUESDAY],
    ends: { kind: 'classes', count: 4 },
  };
  const issues = CourseCalendar.safeParse({ ...calendar, ...more }).error?.issues ?? [];
  expect(issues.map(({ path, message }) => `${path.join('.')}: ${message}`)).toEqual([complaint]);
});
