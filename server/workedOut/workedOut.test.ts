import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { LogPoint } from '../../core/record/logPoint';
import { openTestHouse, type TestHouse } from '../../demo/testHouse';

/** What is worked out of classes and records, in a house that is closed and opened again. */

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const ASKED = ['/api/sessions', '/api/logs/over-time', '/api/logs/learnt', '/api/felt', '/api/unread'] as const;
const answers = async () =>
  Object.fromEntries(await Promise.all(ASKED.map(async (path) => [path, await (await house.ask('GET', path)).json()])));
const points = async () => LogPoint.array().parse(await (await house.ask('GET', '/api/logs/over-time')).json());

test('asked for after another start, everything is as it was when it was worked out', async () => {
  const before = await answers();
  house.reopen();
  expect(await answers()).toEqual(before);
  expect(before['/api/logs/over-time']).toHaveLength(3);
});

test('a class, and a record, that is changed behind the back of what was worked out is worked out again', async () => {
  const [before] = (await answers())['/api/sessions'] as { id: string; slotMinutes: number; totalMs: number }[];
  const record = (await points()).find(({ id }) => id === 'evening-week-2-taught');
  house.database.exec(
    "UPDATE class_log_items SET actual_ms = actual_ms + 60000 WHERE log_id = 'evening-week-2-taught' AND position = 3",
  );
  house.database
    .prepare("UPDATE sessions SET document = json_set(document, '$.sections[0].items', json('[]')) WHERE id = ?")
    .run(before?.id);
  house.reopen();
  const [after] = (await answers())['/api/sessions'] as { id: string; totalMs: number }[];
  expect(after?.id).toBe(before?.id);
  expect(after?.totalMs).toBeLessThan(before?.totalMs ?? 0);
  const now = (await points()).find(({ id }) => id === 'evening-week-2-taught');
  expect((now?.actualMs ?? 0) - (record?.actualMs ?? 0)).toBe(60_000);
});

test('a row that is spoiled after it was read well is named; one that is mended is named no more', async () => {
  expect((await answers())['/api/unread']).toEqual([]);
  const spoil = (slot: number) =>
    house.database
      .prepare("UPDATE sessions SET document = json_set(document, '$.slotMinutes', ?) WHERE id = 'depot-twenty'")
      .run(slot);
  spoil(-1);
  house.reopen();
  expect((await answers())['/api/unread']).toMatchObject([{ kind: 'class', id: 'depot-twenty' }]);
  spoil(20);
  house.reopen();
  expect((await answers())['/api/unread']).toEqual([]);
});

test('nothing that was written by anybody stands in the file beside the data', async () => {
  const notes = 'Quenby’s knee, left, after the bow';
  await house.ask('PUT', '/api/logs/evening-week-2-taught', { attendance: 9, notes });
  const [session] = (await (await house.ask('GET', '/api/sessions')).json()) as { title: string }[];
  await answers();
  const files = readdirSync(house.folder).filter((name) => name.startsWith('worked-out.sqlite'));
  const written = files.map((name) => readFileSync(join(house.folder, name), 'utf8')).join('\n');
  expect(written).toContain('evening-week-2-taught');
  for (const words of ['Quenby', session?.title ?? '?']) expect(written).not.toContain(words);
});
