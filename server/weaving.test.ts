import { judgePlan } from '../core/course/weave/graph/judgePlan';
import { WeaveReply } from '../core/formats/courseApi';
import { fixtureWeave } from '../core/testing/madeUpWeave';
import { openTestHouse, type TestHouse } from '../demo/testHouse';

let house: TestHouse;
beforeAll(() => {
  house = openTestHouse();
});
afterAll(() => house.close());

test('a weave is computed beside the server: legal, with its cost, and a bound that holds', async () => {
  const { instance, reference } = fixtureWeave('c-24x12');
  const asked = house.ask('POST', '/api/compute/weave', { instance, seconds: 8 });
  // The server answers others meanwhile.
  expect((await house.ask('GET', '/api/health')).status).toBe(200);
  const answer = await asked;
  expect(answer.status).toBe(200);
  const { plan, cost, bound } = WeaveReply.parse(await answer.json());
  const judged = judgePlan(instance, plan);
  expect(judged.faults).toEqual([]);
  expect(judged.cost).toBeCloseTo(cost, 6);
  expect(bound).toBeLessThanOrEqual((reference?.found ?? 0) + 1e-3);
  expect(bound).toBeGreaterThan((reference?.bound ?? 0) * 0.9);
}, 60_000);

test('an instance that does not hold together is refused by its fields', async () => {
  const { instance } = fixtureWeave('a-12x10');
  const answer = await house.ask('POST', '/api/compute/weave', { instance: { ...instance, capacity: [1, 2] } });
  expect(answer.status).toBe(422);
  expect(JSON.stringify(await answer.json())).toMatch(/capacity.*has 2 entries for 10 classes/);
});
