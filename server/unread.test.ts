import { Unread } from '../core/formats/api/api';
import { Passage } from '../core/session/plan/lineSet';
import { openTestHouse, type TestHouse } from '../demo/testHouse';
import { createApp } from './app';

/** Rows that this version cannot read: one takes nothing with it, is kept as it is, and can be saved. */

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const unread = async (): Promise<Unread[]> =>
  Unread.array().parse(await (await house.ask('GET', '/api/unread')).json());
const count = async (path: string): Promise<number> => {
  const answer = await house.ask('GET', path);
  expect(answer.status).toBe(200);
  return ((await answer.json()) as unknown[]).length;
};

test('in a sound house nothing is left out', async () => {
  expect(await unread()).toEqual([]);
});

test.each([
  [
    'class',
    '/api/sessions',
    "UPDATE sessions SET document = json_set(document, '$.slotMinutes', -1) WHERE id = 'depot-twenty'",
  ],
  ['course', '/api/courses', "UPDATE courses SET document = json_set(document, '$.name', '') WHERE id = 'depot-rota'"],
  ['group', '/api/groups', "UPDATE groups SET schools = '[]' WHERE id = 'reading-room'"],
] as const)(
  'a %s that cannot be read is left out and named with its text; all others are there',
  async (kind, path, spoil) => {
    const before = await count(path);
    house.database.exec(spoil);
    house.reopen();
    expect(await count(path)).toBe(before - 1);
    const [one, ...others] = await unread();
    expect(others).toEqual([]);
    expect(one).toMatchObject({ kind, why: expect.stringMatching(/./) });
    expect(JSON.parse(one?.text ?? '')).toBeTruthy();
    // It stands in the store as it stood, whatever else is written.
    const kept = house.contents();
    await house.ask('GET', path);
    expect(house.contents()).toBe(kept);
  },
);

test('a passage and a record that cannot be read take nothing with them', async () => {
  const passage = Passage.parse({
    id: 'some-passage',
    name: 'Rest',
    role: 'main',
    version: 1,
    lines: { items: [{ kind: 'rest', id: 'a-rest', seconds: 30 }], blocks: [] },
  });
  expect((await house.ask('PUT', '/api/passages/some-passage', passage)).status).toBe(200);
  house.database.exec("UPDATE passages SET document = '[]'");
  house.database.exec("UPDATE class_logs SET plan = '{}' WHERE id = 'evening-week-3-taught'");
  expect(await count('/api/passages')).toBe(0);
  expect((await house.ask('GET', '/api/logs/evening-week-2-taught')).status).toBe(200);
  expect((await unread()).map(({ kind, id }) => `${kind} ${id}`).sort()).toEqual([
    'passage some-passage',
    'record evening-week-3-taught',
  ]);
});

test('a movement that cannot be read does not keep the house from starting, and its number is not given again', async () => {
  const own = {
    ...(await (await house.ask('GET', '/api/movements/pushing-waves')).json()),
    about: 'As we do it here, with a smaller step.',
  };
  expect(
    (await house.ask('PUT', '/api/movements/pushing-waves', { movement: own, basedOn: 'pushing-waves' })).status,
  ).toBe(200);
  house.database.exec("UPDATE movements SET document = json_set(document, '$.parts', 1)");
  const app = createApp({ database: house.database, movements: [], forms: [], webFolder: null });
  const ask = (path: string) => app.request(path, { headers: { host: '127.0.0.1:4780' } });
  expect((await ask('/api/sessions')).status).toBe(200);
  expect(await (await ask('/api/unread')).json()).toMatchObject([{ kind: 'movement', id: 'pushing-waves@1' }]);
  // The house that knew it still writes its next version under the next number.
  const again = await house.ask('PUT', '/api/movements/pushing-waves', {
    movement: { ...own, about: 'As we do it here, with a smaller step still.' },
    basedOn: 'pushing-waves@1',
  });
  expect(again.status).toBe(200);
  expect(await again.json()).toMatchObject({ id: 'pushing-waves@2' });
});
