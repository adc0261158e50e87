import { Person } from '../../group/person';
import { missedBy, notSeen, taughtClasses } from './notSeen';

const person = (id: string, more: Partial<Person> = {}): Person =>
  Person.parse({ id, groupId: 'evening', called: id, since: '2027-01-01', ...more });
const [ann, ben, late] = [person('ann'), person('ben'), person('late', { since: '2027-01-15' })];
const plan = {
  clouds: [
    { classId: 'c1', layers: 1 },
    { classId: 'c2', layers: 1 },
  ],
  waves: [{ classId: 'c2', layers: 1 }],
  bow: [{ classId: 'c3', layers: 1 }],
};
const taught = [
  { classId: 'c1', day: '2027-01-05', people: new Set(['ann']) },
  { classId: 'c2', day: '2027-01-12', people: new Set(['ben']) },
];
const names = (day: string, of = taught) =>
  [...notSeen({ plan }, of, [ann, ben, late], day)].map(([thread, people]) => [thread, people.map(({ id }) => id)]);

test('who was in none of the classes in which a thing was practised has not seen it; who joined later has seen nothing', () => {
  expect(names('2027-01-19')).toEqual([
    ['clouds', ['late']],
    ['waves', ['ann', 'late']],
  ]);
  // Before they joined nobody waits for them.
  expect(names('2027-01-13')).toEqual([['waves', ['ann']]]);
});

test('of what was never practised in a class that was noted nothing is said', () => {
  expect(names('2027-01-19', [])).toEqual([]);
});

test('what somebody missed begins with the day since which they come, and ends with the day from which they do not', () => {
  expect(missedBy(ann, taught)).toEqual(['c2']);
  expect(missedBy(ben, taught)).toEqual(['c1']);
  expect(missedBy(late, taught)).toEqual([]);
  expect(missedBy(person('gone', { until: '2027-01-12' }), taught)).toEqual(['c1']);
});

test('the taught classes of a course: none of another course, none of which nothing was noted, none without a day', () => {
  const session = (id: string, course: string, classId: string, date: string | null = '2027-01-05') => ({
    id,
    date,
    course: { id: course, classId },
  });
  const sessions = [
    session('s1', 'evening', 'c1'),
    session('s2', 'morning', 'c1'),
    session('s3', 'evening', 'c3'),
    session('s4', 'evening', 'c4', null),
    { id: 's5', date: '2027-01-06', course: null },
  ];
  const came = sessions.map(({ id }) => ({ logId: `log-${id}`, sessionId: id, people: id === 's3' ? [] : ['ann'] }));
  expect(taughtClasses('evening', sessions, came)).toEqual([
    { classId: 'c1', day: '2027-01-05', people: new Set(['ann']) },
  ]);
});
