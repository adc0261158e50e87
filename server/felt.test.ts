import { FeltIn } from '../core/record/felt';
import { demoPeople } from '../demo/people';
import { openTestHouse, type TestHouse } from '../demo/testHouse';

/** What was felt in a class: written down, followed, and gone with whoever it was of. */

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const LOG = 'evening-week-3-taught';
const all = async () => FeltIn.array().parse(await (await house.ask('GET', '/api/felt')).json());
const tight = { id: 'a', what: 'tight', region: 'hips', side: 'left', itemId: null, personId: null, words: '' };

test('it is written down with the movement of its line, and in place of what was said before', async () => {
  const log = (await (await house.ask('GET', `/api/logs/${LOG}`)).json()) as {
    items: { itemId: string; title: string }[];
  };
  const itemId = log.items.find(({ title }) => title === 'Cloud Hands')?.itemId ?? null;
  expect((await house.ask('PUT', `/api/logs/${LOG}/felt`, [tight, { ...tight, id: 'b', itemId }])).status).toBe(200);
  expect((await all()).map(({ id, logId, movementId }) => [id, logId, movementId])).toEqual([
    ['a', LOG, null],
    ['b', LOG, 'cloud-hands'],
  ]);
  await house.ask('PUT', `/api/logs/${LOG}/felt`, [tight]);
  expect(await all()).toHaveLength(1);
});

test('whoever is forgotten takes with them what they said of themselves', async () => {
  const [somebody] = demoPeople('2026-11-27').filter(({ groupId }) => groupId === 'tram-shed-evening');
  const personId = somebody?.id ?? '';
  await house.ask('PUT', `/api/logs/${LOG}/felt`, [tight, { ...tight, id: 'b', personId, words: 'since the garden' }]);
  expect((await house.ask('DELETE', `/api/people/${personId}`)).status).toBe(200);
  expect((await all()).map(({ id }) => id)).toEqual(['a']);
  expect(house.contents()).not.toContain('since the garden');
});

test('a record or a person that is not there, and two of one id, are refused, and nothing changes', async () => {
  const before = house.contents();
  expect((await house.ask('PUT', '/api/logs/gone-by/felt', [tight])).status).toBe(404);
  const strange = await house.ask('PUT', `/api/logs/${LOG}/felt`, [{ ...tight, personId: 'nobody-here' }]);
  expect(strange.status).toBe(422);
  expect(((await strange.json()) as { errors: unknown[] }).errors).toEqual([
    { path: [0, 'personId'], message: 'there is no person "nobody-here"' },
  ]);
  expect((await house.ask('PUT', `/api/logs/${LOG}/felt`, [tight, tight])).status).toBe(422);
  expect((await house.ask('PUT', `/api/logs/${LOG}/felt`, [{ ...tight, what: 'a diagnosis' }])).status).toBe(422);
  expect(house.contents()).toBe(before);
});
