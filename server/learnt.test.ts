import { LearntPart } from '../core/formats/api';
import type { ClassLog } from '../core/record/classLog';
import { openTestHouse, type TestHouse } from '../demo/testHouse';

/** What the records teach of how long things take. */

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const LOG = 'evening-week-2-taught';
const learnt = async () => LearntPart.array().parse(await (await house.ask('GET', '/api/logs/learnt')).json());
const logOf = async (id: string): Promise<ClassLog> => (await house.ask('GET', `/api/logs/${id}`)).json();

test('the demo’s classes were touched by nobody, and teach nothing', async () => {
  expect(await learnt()).toEqual([]);
});

test('talks that were ended by hand at 1.5 times their minutes move what is learnt of that group, and the parts come back as they were', async () => {
  const log = await logOf(LOG);
  const items = log.items.map((item) => ({
    ...item,
    parts: [{ kind: 'talk' as const, plannedMs: 60_000, actualMs: 90_000, by: 'person' as const }],
  }));
  const added = await house.ask('POST', '/api/logs', { ...log, id: 'taught-again', items });
  expect(added.status).toBe(201);
  expect((await logOf('taught-again')).items[0]?.parts).toEqual(items[0]?.parts);
  const [talk] = await learnt();
  expect(talk).toMatchObject({ kind: 'talk', groupId: 'tram-shed-evening' });
  expect(talk?.times).toBeGreaterThan(1.2);
  expect(talk?.times).toBeLessThan(1.5);
  // Read once, it is the same again.
  expect(await learnt()).toEqual([talk]);
});

test('a part of a kind there is not is refused by its field', async () => {
  const log = await logOf(LOG);
  const items = log.items.map((item) => ({
    ...item,
    parts: [{ kind: 'chatting', plannedMs: 1, actualMs: 1, by: 'person' }],
  }));
  const refused = await house.ask('POST', '/api/logs', { ...log, id: 'taught-again', items });
  expect(refused.status).toBe(422);
  expect((await refused.json()).errors[0].path).toEqual(['items', 0, 'parts', 0, 'kind']);
});
