import { Offered, StoredSession } from '../core/formats/api/api';
import type { ClassLog } from '../core/record/classLog';
import { passedSince } from '../core/testing/passedSince';
import { openTestHouse, repertoire, type TestHouse } from '../demo/testHouse';

/** What was changed on Monday is offered to the group that meets on Wednesday. */

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const find = (id: string) => repertoire.find((movement) => movement.id === id);
const DEPOT = 'depot-twenty';
const offered = async () =>
  Offered.array().parse(await (await house.ask('GET', `/api/sessions/${DEPOT}/offered`)).json());

/** The morning group lifted the sky eight times a week ago, and ten times yesterday. */
async function taught(daysAgo: number): Promise<ClassLog> {
  const { session } = StoredSession.parse(await (await house.ask('GET', '/api/sessions/morning-eight-pieces')).json());
  const made = passedSince(session, find, daysAgo, { 'lift-the-sky': { count: daysAgo === 1 ? 10 : 9 } });
  await house.ask('POST', '/api/sessions', { session: made.session });
  expect((await house.ask('POST', '/api/logs', { log: made.log })).status).toBe(201);
  return made.log;
}

test('a change of yesterday is offered with whose it was, and let go it is offered no more', async () => {
  await taught(8);
  expect(await offered()).toEqual([]);
  const yesterday = await taught(1);
  const [one, ...others] = await offered();
  expect(others).toEqual([]);
  expect(one).toMatchObject({
    logId: yesterday.id,
    groupId: 'tram-shed-morning',
    passed: { title: 'Lift the Sky', said: ['10 instead of 8'], to: { count: 10 } },
  });
  const itemId = one?.passed.from ?? '';
  const answer = await house.ask('POST', `/api/logs/${yesterday.id}/let-go`, { itemId, sessionId: DEPOT });
  expect(answer.status).toBe(200);
  expect(await offered()).toEqual([]);
});

test('a record that is not there cannot be let go of, and a class that is not there is offered nothing', async () => {
  const gone = await house.ask('POST', '/api/logs/gone-by/let-go', { itemId: 'a', sessionId: DEPOT });
  expect(gone.status).toBe(404);
  expect((await house.ask('GET', '/api/sessions/gone-by/offered')).status).toBe(404);
});
