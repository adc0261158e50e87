import { type Felt, type FeltIn, feltWords, followed, followedTable } from './felt';
import type { LogPoint } from './logPoint';

const point = (day: string): LogPoint => ({
  id: `log-${day}`,
  title: 'Tuesday',
  groupId: 'evening',
  startedAt: `${day}T19:05:00+00:00`,
  slotMs: 3_600_000,
  plannedMs: 3_500_000,
  actualMs: 3_500_000,
  safeMs: null,
  isWhole: true,
  sections: {},
  load: null,
  attendance: null,
  movements: [],
  notes: '',
});
const felt = (day: string, more: Partial<FeltIn>): FeltIn => ({
  id: 'a',
  logId: `log-${day}`,
  what: 'tight',
  region: 'hips',
  side: 'left',
  itemId: null,
  personId: null,
  movementId: null,
  words: '',
  ...more,
});
const days = ['2026-11-17', '2026-11-03', '2026-11-10'];
const all = [
  felt('2026-11-03', { personId: 'ada', movementId: 'bow' }),
  felt('2026-11-03', { id: 'b', side: 'both', movementId: 'bow' }),
  felt('2026-11-17', { what: 'click', region: 'knees', side: null, personId: 'ada', words: 'on standing up' }),
];
const counts = (of: Parameters<typeof followed>[2]) =>
  followed(all, days.map(point), of).map(({ left, right, other }) => [left, right, other]);

test('what was felt is counted class by class and side by side; both sides count on each', () => {
  expect(counts({})).toEqual([
    [2, 1, 0],
    [0, 0, 0],
    [0, 0, 1],
  ]);
});

test('it is followed by whose it was, in which movement and where', () => {
  expect(counts({ personId: 'ada' })).toEqual([
    [1, 0, 0],
    [0, 0, 0],
    [0, 0, 1],
  ]);
  expect(counts({ movementId: 'bow', region: 'hips' })[0]).toEqual([2, 1, 0]);
  expect(counts({ region: 'knees' })[0]).toEqual([0, 0, 0]);
});

test('it is said in a few words, and the table has them', () => {
  const one: Omit<Felt, 'id'> = felt('2026-11-03', { region: 'low-back', words: 'after the bow' });
  expect(feltWords(one)).toBe('tight, left low back: after the bow');
  expect(followedTable(followed(all, days.map(point), {})).rows[2]).toEqual([
    '2026-11-17',
    'Tuesday',
    0,
    0,
    1,
    'a click, knees: on standing up',
  ]);
});
