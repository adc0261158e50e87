import { readdirSync } from 'node:fs';
import { setImmediate as soon } from 'node:timers/promises';
import { judgePlan } from '../core/course/weave/graph/judgePlan';
import { TimelineReply } from '../core/formats/api/api';
import { WeaveReply } from '../core/formats/api/courseApi';
import { type KeepingProgress, UNDERWAY_PATH, Underway } from '../core/formats/api/keepingApi';
import type { Movement } from '../core/movement/schema/movement';
import type { Plan } from '../core/session/plan/session';
import { fixtureWeave } from '../core/testing/madeUpWeave';
import { constant, inBreath, line, movement, outBreath, plan } from '../core/testing/sample';
import { openTestHouse, type TestHouse } from '../demo/testHouse';
import { keepingBeside } from './threads/keepingInThread';
import { layOutBeside } from './threads/layOutInThread';

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
});

test('an instance that does not hold together is refused by its fields', async () => {
  const { instance } = fixtureWeave('a-12x10');
  const answer = await house.ask('POST', '/api/compute/weave', { instance: { ...instance, capacity: [1, 2] } });
  expect(answer.status).toBe(422);
  expect(JSON.stringify(await answer.json())).toMatch(/capacity.*has 2 entries for 10 classes/);
});

test('a class of tens of thousands of steps is laid out beside the server, which answers others meanwhile', async () => {
  // Just under the most that is laid out: a server that did it itself would be silent for a second.
  const lines = Array.from({ length: 10 }, (_, at) => line({ id: `line-${at}`, movementId: 'my-own', count: 2000 }));
  const session = plan(lines, constant(30));
  const movements = [movement({ id: 'my-own', parts: { cycle: [inBreath, outBreath] } })];
  const asked = house.ask('POST', '/api/compute/timeline', { session, movements });
  let isOver = false;
  const over = asked.then(() => {
    isOver = true;
  });
  let answered = 0;
  while (!isOver) {
    expect((await house.ask('GET', '/api/health')).status).toBe(200);
    answered += 1;
    await soon();
  }
  await over;
  expect(answered).toBeGreaterThan(3);
  const reply = TimelineReply.parse(await (await asked).json());
  expect(reply.timeline.segments.length).toBeGreaterThanOrEqual(40_000);
});

test('classes asked for at once are each answered with their own', async () => {
  const movements = [movement({ id: 'my-own', parts: { cycle: [inBreath, outBreath] } })];
  const replies = await Promise.all(
    [3, 8, 5, 2].map(async (count) => {
      const session = plan([line({ movementId: 'my-own', count })]);
      return TimelineReply.parse(
        await (await house.ask('POST', '/api/compute/timeline', { session, movements })).json(),
      ).timeline.totalMs;
    }),
  );
  expect(replies).toEqual([30_000, 80_000, 50_000, 20_000]);
});

test('a thread that dies tells those who wait, and the next class opens another', async () => {
  const layOut = layOutBeside();
  const own = movement({ id: 'my-own', parts: { cycle: [inBreath, outBreath] } });
  const movements = new Map<string, Movement>([[own.id, own]]);
  const session = plan([line({ movementId: own.id, count: 3 })]);
  expect(await layOut({ session, movements })).toMatchObject({ ok: true });
  // What no thread can be handed: it dies of it.
  const broken = layOut({ session: null as unknown as Plan, movements });
  const waits = layOut({ session, movements });
  await expect(broken).rejects.toThrow();
  await expect(waits).rejects.toThrow();
  expect(await layOut({ session, movements })).toMatchObject({ ok: true });
});

test('a thread that is ended in the middle of its work says that nothing was changed', async () => {
  const thread = keepingBeside();
  const asked = thread.work('archive', house.folder, {});
  await thread.end();
  await expect(asked).rejects.toThrow(/Nothing was changed/);
  // The next order opens another.
  expect((await thread.work('archive', house.folder, {})).length).toBeGreaterThan(10_000);
  await thread.end();
});

test('how far an archive is can be asked while it is written, and it can be cancelled: nothing is left of it', async () => {
  const underway = async () => Underway.parse(await (await house.ask('GET', UNDERWAY_PATH)).json()).underway;
  expect(await underway()).toBeNull();
  expect((await house.ask('DELETE', UNDERWAY_PATH)).status).toBe(404);
  const asked = house.ask('GET', '/api/archive');
  await soon();
  expect(await underway()).toEqual({ step: expect.stringMatching(/^(waiting|packing)$/), share: expect.any(Number) });
  expect((await house.ask('DELETE', UNDERWAY_PATH)).status).toBe(204);
  const answer = await asked;
  expect([answer.status, (await answer.json()).title]).toEqual([422, 'Cancelled. Nothing was changed.']);
  expect(await underway()).toBeNull();
  // The next one is whole.
  expect((await house.ask('GET', '/api/archive')).status).toBe(200);
});

test('bringing an archive back can be cancelled, also while it waits for its turn: the data stays, and no half file is left', async () => {
  const zip = new Uint8Array(await (await house.ask('GET', '/api/archive')).arrayBuffer());
  const [group] = await (await house.ask('GET', '/api/groups')).json();
  await house.ask('PUT', `/api/groups/${group.id}`, { ...group, name: 'Another name' });
  const before = house.contents();
  const [backup, restored] = [house.ask('POST', '/api/backups'), house.send('/api/archive/restore', zip)];
  await soon();
  expect((await house.ask('DELETE', UNDERWAY_PATH)).status).toBe(204);
  expect((await restored).status).toBe(422);
  expect((await backup).status).toBe(200);
  expect(house.contents()).toBe(before);
  expect(readdirSync(house.folder).filter((name) => name.startsWith('incoming'))).toEqual([]);
});

test('what goes through everything tells how far it is, from nothing to the end', async () => {
  const told: KeepingProgress[] = [];
  const thread = keepingBeside();
  const copy = house.database.prepare(`
    INSERT INTO sessions (id, document, revision, changed_at)
    SELECT id || ?, document, revision, changed_at FROM sessions WHERE id = 'evening-week-4'`);
  for (let at = 0; at < 300; at += 1) copy.run(`-${at}`);
  await thread.work('archive', house.folder, {}, (progress) => told.push(progress));
  await thread.end();
  const shares = told.map(({ share }) => share);
  expect(shares.length).toBeGreaterThan(1);
  expect(shares).toEqual(shares.toSorted((a, b) => a - b));
  expect(shares.at(-1)).toBeGreaterThan(0.5);
  expect(Math.max(...shares)).toBeLessThanOrEqual(1);
});
