import { breathsPerMinute } from '../../core/words/breathsPerMinute';
import { clockAt, minutes } from '../../core/words/clockWords';
import { slotWords } from '../class/words/slotWords';
import { differenceWords } from '../places/logbook/differenceWords';
import { nextOf } from '../places/today/nextClass';
import { dayInWords, inWords } from './words';

test.each([
  [minutes(90_499), '1:30'],
  [minutes(59_600), '1:00'],
  [inWords(45_000), '45 s'],
  [inWords(-150_000), '2 min 30 s'],
  [inWords(120_000), '2 min'],
  [clockAt('19:00', 90_000), '19:01:30'],
  [clockAt('23:59', 90_000), '00:00:30'],
  [dayInWords('2026-12-01', '2026-12-01'), 'today'],
  [dayInWords('2026-12-02', '2026-12-01'), 'tomorrow'],
  [dayInWords('2026-11-24', '2026-12-01'), 'Tuesday 24 November'],
  [dayInWords(null, '2026-12-01'), 'no day yet'],
  [breathsPerMinute(6.96), '7'],
  [breathsPerMinute(6.44), '6.4'],
])('%s', (said, expected) => expect(said).toBe(expected));

test('a difference is that of the seconds that are shown', () => {
  // 59:46 less 57:17 is 2:29, though the milliseconds are 148 400 apart.
  expect(differenceWords(3_585_600, 3_437_200)).toBe('2 min 29 s longer');
  expect(differenceWords(10_400, 9600)).toBe('as planned');
  expect(differenceWords(5000, 65_000)).toBe('1 min shorter');
});

test.each([
  [{ state: 'over', beyondMs: 130_000 }, 'Ends 2 min 10 s late, or later, in two of ten'],
  [{ state: 'under', beyondMs: -240_000 }, '4 min still empty'],
  [{ state: 'fits', beyondMs: -22_000 }, 'Fits: in time in eight of ten, 22 s to spare'],
  [{ state: 'fits', beyondMs: 10_000 }, 'Fits: in time in eight of ten'],
  [{ state: 'empty', beyondMs: -2_700_000 }, 'Nothing planned yet for 45 minutes'],
] as const)('the slot in plain words: %j', (verdict, words) =>
  expect(slotWords(verdict, { slotMinutes: 55, doors: { before: 5, after: 5 } })).toBe(words),
);

test('the next class is the first from today on that is not recorded yet', () => {
  const summary = (id: string, date: string | null, startsAt = '19:00') => ({
    id,
    date,
    startsAt,
    title: id,
    groupId: null,
    slotMinutes: 60,
    doors: { before: 5, after: 5 },
    safeMs: 0,
    family: null,
    course: null,
    totalMs: 0,
    lines: 0,
    movementIds: [],
    revision: 1,
    changedAt: '',
  });
  const all = [
    summary('later', '2026-12-03'),
    summary('evening', '2026-12-01'),
    summary('lunch', '2026-12-01', '12:30'),
    summary('past', '2026-11-20'),
    summary('undated', null),
  ];
  expect(nextOf(all, [], '2026-12-01')?.id).toBe('lunch');
  expect(nextOf(all, [{ sessionId: 'lunch' }], '2026-12-01')?.id).toBe('evening');
  expect(nextOf(all, [], '2026-12-04')).toBeNull();
});
