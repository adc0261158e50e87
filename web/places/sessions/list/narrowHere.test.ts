import type { SessionSummary } from '../../../../core/formats/api/api';
import { narrowHere } from './narrowHere';

const row = (id: string, date: string | null, groupId: string | null = null): SessionSummary => ({
  id,
  title: `Class ${id}`,
  groupId,
  date,
  startsAt: '19:00',
  slotMinutes: 60,
  doors: { before: 0, after: 0 },
  family: null,
  course: null,
  totalMs: 0,
  safeMs: 0,
  lines: 0,
  movementIds: [],
  revision: 1,
  changedAt: '2026-12-01T10:00:00.000Z',
});
const ALL = [
  row('old', '2026-01-05'),
  row('last', '2026-11-30', 'evening'),
  row('never', null),
  row('today', '2026-12-01', 'evening'),
  row('next', '2026-12-09'),
];
const asked = { when: 'all', from: 0, size: 25, today: '2026-12-01' } as const;
const ids = (more: object) => narrowHere(ALL, { ...asked, ...more }).rows.map(({ id }) => id);

test('with the server away a list is what the server would answer: what comes, without a day, the past from the latest', () => {
  expect(ids({})).toEqual(['today', 'next', 'never', 'last', 'old']);
  expect(ids({ when: 'coming' })).toEqual(['today', 'next', 'never']);
  // 30 November 2026 is a Monday.
  expect(ids({ when: 'week' })).toEqual(['today', 'last']);
  expect(ids({ when: 'past' })).toEqual(['last', 'old']);
  expect(ids({ group: 'evening' })).toEqual(['today', 'last']);
  expect(ids({ words: 'class N' })).toEqual(['next', 'never']);
  expect(narrowHere(ALL, { ...asked, from: 1, size: 2 })).toMatchObject({
    total: 5,
    rows: [{ id: 'next' }, { id: 'never' }],
  });
});
