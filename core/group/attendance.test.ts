import { attendedClasses, comingOf, expectedOn } from './attendance';
import { comesOn, Person } from './person';

const person = (id: string, more: Partial<Person> = {}): Person =>
  Person.parse({ id, groupId: 'evening', called: id, since: '2027-01-01', ...more });
const ann = person('ann');
const ben = person('ben', { since: '2027-01-10' });
const classes = [
  { day: '2027-01-05', people: new Set(['ann']) },
  { day: '2027-01-12', people: new Set(['ann', 'ben']) },
  { day: '2027-01-19', people: new Set(['ben']) },
];

test('somebody comes from their first day on until the day they come no more', () => {
  expect(['2027-01-09', '2027-01-10'].map((day) => comesOn(ben, day))).toEqual([false, true]);
  const gone = person('gone', { until: '2027-01-12' });
  expect(['2027-01-11', '2027-01-12'].map((day) => comesOn(gone, day))).toEqual([true, false]);
});

test('how often they came is told of the classes they could have come to', () => {
  expect(comingOf(ann, classes)).toEqual({ came: 2, of: 3 });
  expect(comingOf(ben, classes)).toEqual({ came: 2, of: 2 });
});

test('how many to expect: three quarters of those of whom nothing is known, else what they did', () => {
  expect(expectedOn([ann, ben], [], '2027-02-01')).toBeCloseTo(1.5);
  // (2 + 1.5) / 5 and (2 + 1.5) / 4.
  expect(expectedOn([ann, ben], classes, '2027-02-01')).toBeCloseTo(0.7 + 0.875);
  expect(expectedOn([ann, ben], classes, '2027-01-02')).toBeCloseTo(0.7);
});

test('a class of which nothing was noted is not one that nobody came to', () => {
  const came = [
    { logId: 'a', sessionId: 'one', people: [] },
    { logId: 'b', sessionId: 'two', people: ['ann'] },
    { logId: 'c', sessionId: 'gone', people: ['ann'] },
  ];
  const days: Record<string, string> = { one: '2027-01-05', two: '2027-01-12' };
  expect(attendedClasses(came, (id) => days[id] ?? null)).toEqual([{ day: '2027-01-12', people: new Set(['ann']) }]);
});

test('what they are called is all that is asked, and it is asked', () => {
  expect(() => person('nameless', { called: '  ' })).toThrow(/what are they called in the hall/);
  expect(Object.keys(ann).toSorted()).toEqual(['called', 'formSeen', 'groupId', 'id', 'needs', 'since', 'until']);
  expect([ann.needs, ann.formSeen]).toEqual([[], null]);
});
