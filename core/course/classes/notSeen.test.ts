import { Person } from '../../group/person';
import { notSeen } from './notSeen';

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
