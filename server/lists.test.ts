import { SessionSummary, SessionsPage } from '../core/formats/api/api';
import { openTestHouse, repertoire, type TestHouse } from '../demo/testHouse';
import { sessionStore } from './store/sessions';

/** Lists of classes by page, narrowed on the server, and what is remembered of each. */

let house: TestHouse;
const TODAY = '2026-12-01';
beforeEach(async () => {
  house = openTestHouse();
  const store = sessionStore(house.database);
  const { session } = await (await house.ask('GET', '/api/sessions/evening-week-4')).json();
  for (let i = 0; i < 60; i += 1) {
    const day = new Date(Date.UTC(2026, 8, 1 + i)).toISOString().slice(0, 10);
    store.add(
      { ...session, id: `past-${i}`, title: `Past ${i} 100%`, date: day, course: null },
      '2026-12-01T10:00:00Z',
    );
  }
  store.add({ ...session, id: 'no-day', title: 'Without a day', date: null, course: null }, '2026-12-01T10:00:00Z');
});
afterEach(() => house.close());

const page = async (asked: Record<string, string>) => {
  const query = new URLSearchParams({ today: TODAY, ...asked });
  return SessionsPage.parse(await (await house.ask('GET', `/api/sessions/page?${query}`)).json());
};

test('what comes stands first, then what has no day, then the past, the latest first; a page at a time', async () => {
  const first = await page({});
  expect(first.total).toBe(67);
  expect(first.rows).toHaveLength(50);
  const days = first.rows.map(({ date }) => date);
  const undated = days.indexOf(null);
  const coming = days.slice(0, undated);
  expect(coming.length).toBeGreaterThan(0);
  expect(coming.every((day) => day !== null && day >= TODAY)).toBe(true);
  expect(coming).toEqual(coming.toSorted());
  const past = days.slice(undated + 1);
  expect(past.every((day) => day !== null && day < TODAY)).toBe(true);
  expect(past).toEqual(past.toSorted((a, b) => String(b).localeCompare(String(a))));
  const second = await page({ from: '50' });
  expect(second.rows).toHaveLength(17);
  const ids = [...first.rows, ...second.rows].map(({ id }) => id);
  expect(new Set(ids).size).toBe(67);
});

test('narrowed by when, by group and by words, which are words and no pattern', async () => {
  expect((await page({ when: 'past' })).rows.every(({ date }) => date !== null && date < TODAY)).toBe(true);
  expect((await page({ when: 'coming' })).rows.map(({ id }) => id)).toContain('no-day');
  const week = await page({ when: 'week' });
  expect(week.rows.every(({ date }) => date !== null && date >= '2026-11-30' && date <= '2026-12-06')).toBe(true);
  const [{ groupId }] = week.rows as [SessionSummary];
  const ofGroup = await page({ when: 'all', group: String(groupId), size: '200' });
  expect(ofGroup.rows.every((one) => one.groupId === groupId)).toBe(true);
  expect((await page({ words: 'past 7 100%' })).rows.map(({ id }) => id)).toEqual(['past-7']);
  expect((await page({ words: '%' })).total).toBe(60);
  expect((await page({ words: '_ast' })).total).toBe(0);
  expect((await house.ask('GET', '/api/sessions/page?when=never&today=2026-12-01')).status).toBe(422);
});

test('what is remembered of a class changes with it, and with a movement it names', async () => {
  const all = async () => SessionSummary.array().parse(await (await house.ask('GET', '/api/sessions')).json());
  const before = (await all()).find(({ id }) => id === 'evening-week-4');
  const stored = await (await house.ask('GET', '/api/sessions/evening-week-4')).json();
  const main = stored.session.sections.find(({ kind }: { kind: string }) => kind === 'main');
  const [line] = main.items.filter(({ kind }: { kind: string }) => kind === 'movement');
  const explained = { ...main, items: [{ ...line, manner: 'explained', block: null }], blocks: [] };
  const shorter = { ...stored.session, sections: [explained] };
  await house.ask('PUT', '/api/sessions/evening-week-4', { session: shorter, revision: stored.revision });
  const after = (await all()).find(({ id }) => id === 'evening-week-4');
  expect(after?.totalMs).toBeLessThan(before?.totalMs ?? 0);
  const one = SessionSummary.parse(await (await house.ask('GET', '/api/sessions/evening-week-4/summary')).json());
  expect(one).toEqual(after);
  // The words a movement is shown with take time: saying it otherwise makes the class longer or shorter.
  const movement = repertoire.find(({ id }) => id === line.movementId);
  if (!movement) throw new Error('it comes along');
  const calls = movement.parts.cycle.map(({ call }, phase) => ({
    part: 'cycle',
    phase,
    was: call,
    call: 'Slowly, and with a great many words to say it with, twice over',
  }));
  const said = await house.ask('PUT', `/api/wording/${movement.id}`, { movementId: movement.id, calls });
  expect(said.status).toBe(200);
  const reworded = (await all()).find(({ id }) => id === 'evening-week-4');
  expect(reworded?.totalMs).not.toBe(after?.totalMs);
});
