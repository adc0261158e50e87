import Papa from 'papaparse';
import { tableCsv } from '../formats/tableCsv';
import type { LogPoint } from './logPoint';
import { cameOverTime, endsAgainstSlot, minutesOfSections, notedWith, practisedOverTime } from './overTime';

const point = (day: string, more: Partial<LogPoint> = {}): LogPoint => ({
  id: day,
  title: `Class of ${day}`,
  groupId: 'evening',
  startedAt: `${day}T19:05:00+00:00`,
  slotMs: 3_600_000,
  plannedMs: 3_500_000,
  actualMs: 3_660_000,
  safeMs: 3_590_000,
  isWhole: true,
  sections: { main: 1_830_000, 'cool-down': 300_000 },
  load: { thighs: 9.5, shoulders: 4, back: 3.2 },
  attendance: 12,
  movements: ['cloud-hands'],
  notes: '',
  ...more,
});
const weeks = [
  point('2026-11-17', { movements: ['cloud-hands', 'heel-kick'], notes: 'Left knee clicked.\nAll had names.' }),
  point('2026-11-03', { attendance: null, notes: 'A tight left hip' }),
  point('2026-11-10', { actualMs: 3_540_000 }),
];

test('ends against the slot come in the order of the days, over and under', () => {
  const { rows } = endsAgainstSlot(weeks);
  expect(rows.map(([day, , , , over]) => [day, over])).toEqual([
    ['2026-11-03', 1],
    ['2026-11-10', -1],
    ['2026-11-17', 1],
  ]);
  expect(endsAgainstSlot([point('2026-11-03', { safeMs: null })]).rows[0]?.at(-1)).toBeNull();
});

test('a section that a class had nothing of is nothing, and who came that was not noted is no number', () => {
  expect(minutesOfSections(weeks, ['warm-up', 'main']).rows[0]).toEqual(['2026-11-03', 'Class of 2026-11-03', 0, 30.5]);
  expect(cameOverTime(weeks).rows.map((row) => row[2])).toEqual([null, 12, 12]);
});

test('what was not practised for longest comes first', () => {
  const { rows } = practisedOverTime(weeks, '2026-12-01', (id) => id);
  expect(rows).toEqual([
    ['cloud-hands', 3, '2026-11-17', 2],
    ['heel-kick', 1, '2026-11-17', 2],
  ]);
});

test('a side is followed through the notes of weeks, line by line', () => {
  expect(notedWith(weeks, 'LEFT').map(({ line, point: { id } }) => [id, line])).toEqual([
    ['2026-11-17', 'Left knee clicked.'],
    ['2026-11-03', 'A tight left hip'],
  ]);
  expect(notedWith(weeks, '')).toHaveLength(3);
});

test('as CSV the table is the same, and no cell is a formula', () => {
  const csv = tableCsv({
    columns: ['Class', 'Over'],
    rows: [
      ['=1+1', -3],
      ['a, "b"', null],
    ],
  });
  expect(Papa.parse<string[]>(csv.trim()).data).toEqual([
    ['Class', 'Over'],
    ["'=1+1", '-3'],
    ['a, "b"', ''],
  ]);
});
