import { nextMeeting } from './nextMeeting';

const thursday = { weekday: 4, startsAt: '19:30', minutes: 75 };
const sunday = { weekday: 7, startsAt: '09:00', minutes: 45 };

test.each([
  ['2026-12-01', '2026-12-03', '19:30', 'on a Tuesday, the Thursday after it'],
  ['2026-12-03', '2026-12-03', '19:30', 'on the day itself'],
  ['2026-12-04', '2026-12-06', '09:00', 'on a Friday, the Sunday'],
  ['2026-12-06', '2026-12-06', '09:00', 'on a Sunday, that Sunday'],
  ['2026-12-28', '2026-12-31', '19:30', 'at the end of a year'],
])('a group of Thursdays and Sundays meets next: %s', (from, date, startsAt) => {
  expect(nextMeeting([sunday, thursday], from)).toMatchObject({ date, startsAt });
});

test('the earlier of two on one day; none for a group that has none', () => {
  expect(nextMeeting([thursday, { ...thursday, startsAt: '18:00' }], '2026-12-03')?.startsAt).toBe('18:00');
  expect(nextMeeting([], '2026-12-03')).toBeNull();
});
