import { LearntPart, StoredSession, TimelineReply } from '../core/formats/api/api';
import type { ClassLog } from '../core/record/classLog';
import { LogPoint } from '../core/record/logPoint';
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

/** The same class taught once more, a day later. */
const nextDay = (log: ClassLog): ClassLog => {
  const later = (at: string) => new Date(Date.parse(at) + 86_400_000).toISOString();
  return { ...log, startedAt: later(log.startedAt), endedAt: later(log.endedAt) };
};

test('talks that were ended by hand at 1.5 times their minutes move what is learnt of that group, and the parts come back as they were', async () => {
  const log = await logOf(LOG);
  const items = log.items.map((item) => ({
    ...item,
    parts: [{ kind: 'talk' as const, plannedMs: 60_000, actualMs: 90_000, by: 'person' as const }],
  }));
  const added = await house.ask('POST', '/api/logs', { log: { ...nextDay(log), id: 'taught-again', items } });
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
  const refused = await house.ask('POST', '/api/logs', { log: { ...log, id: 'taught-again', items } });
  expect(refused.status).toBe(422);
  expect((await refused.json()).errors[0].path).toEqual(['log', 'items', 0, 'parts', 0, 'kind']);
});

describe('what was learnt is taken over when that is agreed to', () => {
  const GROUP = 'tram-shed-evening';
  const classOf = async (id: string) =>
    StoredSession.parse(await (await house.ask('GET', `/api/sessions/${id}`)).json());
  const totalOf = async (id: string) => {
    const { session } = await classOf(id);
    const reply = await (await house.ask('POST', '/api/compute/timeline', { session })).json();
    return TimelineReply.parse(reply).timeline.totalMs;
  };

  test('the classes of that group that are to come take so much longer, those that are past and of others do not', async () => {
    const [before, past] = [await totalOf('evening-week-4'), await classOf('evening-week-2')];
    const other = await classOf('morning-eight-pieces');
    const answer = await house.ask('PUT', `/api/groups/${GROUP}/takes`, { talk: 1.4 });
    expect(answer.status).toBe(200);
    expect(await answer.json()).toMatchObject({ group: { takes: { talk: 1.4 } }, classes: expect.any(Number) });
    const { session } = await classOf('evening-week-4');
    const talks = session.sections.flatMap(({ items }) =>
      items.flatMap((item) => (item.kind === 'talk' ? [item.seconds] : [])),
    );
    const more = 0.4 * talks.reduce((sum, seconds) => sum + seconds, 0);
    // What follows in its section is breathed a little later, and so a little slower.
    const longer = (await totalOf('evening-week-4')) - before;
    expect(longer).toBeGreaterThanOrEqual(more * 1000);
    expect(longer).toBeLessThan(more * 1000 + 10_000);
    expect(await classOf('evening-week-2')).toEqual(past);
    expect(await classOf('morning-eight-pieces')).toEqual(other);
    // Taken back, everything is as it was.
    expect((await house.ask('PUT', `/api/groups/${GROUP}/takes`, {})).status).toBe(200);
    expect(await totalOf('evening-week-4')).toBe(before);
  });

  test('a measure there is not, and a group there is not, change nothing', async () => {
    const refused = await house.ask('PUT', `/api/groups/${GROUP}/takes`, { talk: 9 });
    expect([refused.status, (await refused.json()).errors[0].path]).toEqual([422, ['talk']]);
    expect((await house.ask('PUT', '/api/groups/nobody/takes', {})).status).toBe(404);
    expect((await classOf('evening-week-4')).revision).toBe(1);
  });
});

test('every record is a point in time, and what is said of it afterwards is said there too', async () => {
  const points = async () => LogPoint.array().parse(await (await house.ask('GET', '/api/logs/over-time')).json());
  const before = await points();
  expect(before.length).toBe(3);
  for (const { id, actualMs, sections, safeMs, plannedMs } of before) {
    const { items } = await logOf(id);
    expect(actualMs).toBe(items.reduce((sum, item) => sum + item.actualMs, 0));
    expect(Object.values(sections).reduce((sum, ms) => sum + ms, 0)).toBe(actualMs);
    expect(safeMs).toBeGreaterThan(plannedMs);
  }
  await house.ask('PUT', `/api/logs/${LOG}`, { attendance: 9, notes: 'A click, left' });
  expect((await points()).find(({ id }) => id === LOG)).toMatchObject({ attendance: 9, notes: 'A click, left' });
});

test('what a class left open is answered once, and the record is the same one still', async () => {
  const log = await logOf(LOG);
  const itemId = log.items.find(({ outcome }) => outcome === 'left out')?.itemId ?? '';
  for (let times = 0; times < 2; times += 1)
    expect((await house.ask('POST', `/api/logs/${LOG}/answered`, { itemId })).status).toBe(200);
  expect((await logOf(LOG)).answered).toEqual([itemId]);
  // Sent again because an answer was lost, it is the record that is there.
  const again = await house.ask('POST', '/api/logs', { log });
  expect(again.status).toBe(200);
  expect((await again.json()).answered).toEqual([itemId]);
  expect((await house.ask('POST', '/api/logs/gone/answered', { itemId })).status).toBe(404);
});
