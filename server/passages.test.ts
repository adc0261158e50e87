import { Passage } from '../core/session/plan/lineSet';
import { line } from '../core/testing/sample';
import { openTestHouse, type TestHouse } from '../demo/testHouse';

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const passage = (more: Partial<Passage> = {}): Passage =>
  Passage.parse({
    id: 'loosening',
    name: 'Loosening',
    role: 'warm-up',
    version: 1,
    lines: { items: [line({ id: 'a', block: 'x' })], blocks: [{ id: 'x', rounds: 2 }] },
    ...more,
  });
const put = (of: object, id = 'loosening') => house.ask('PUT', `/api/passages/${id}`, of);

test('a passage is kept, changed under its next version, and let go', async () => {
  expect(await (await house.ask('GET', '/api/passages')).json()).toEqual([]);
  expect(await (await put(passage())).json()).toEqual([passage()]);
  const changed = passage({ version: 2, name: 'Loosening, longer' });
  expect(await (await put(changed)).json()).toEqual([changed]);
  expect(await (await house.ask('DELETE', '/api/passages/loosening')).json()).toEqual([]);
  expect((await house.ask('DELETE', '/api/passages/loosening')).status).toBe(404);
});

test('a change made to an older version is refused, with what is there, and changes nothing', async () => {
  await put(passage());
  await put(passage({ version: 2, name: 'Second' }));
  const late = await put(passage({ version: 2, name: 'Also second' }));
  expect(late.status).toBe(409);
  expect(await late.json()).toMatchObject({ stored: { name: 'Second', version: 2 } });
  expect(await (await house.ask('GET', '/api/passages')).json()).toMatchObject([{ name: 'Second' }]);
});

test.each([
  ['no name', { name: '  ' }],
  ['no lines', { lines: { items: [], blocks: [] } }],
  ['a block that is not there', { lines: { items: [line({ id: 'a', block: 'gone' })], blocks: [] } }],
  ['a version before the first', { version: 0 }],
])('%s is refused', async (_what, wrong) => {
  expect((await put({ ...passage(), ...wrong })).status).toBe(422);
  expect(await (await house.ask('GET', '/api/passages')).json()).toEqual([]);
});

test('the address and the passage must agree', async () => {
  expect((await put(passage(), 'another')).status).toBe(422);
});
