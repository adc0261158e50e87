import { StoredSession } from '../core/formats/api/api';
import { StoredCourse } from '../core/formats/api/courseApi';
import { WrittenRecord } from '../core/formats/pocket/pocketApi';
import { type PocketRecord, packClass } from '../core/formats/pocket/pocketClass';
import { carriedLogId, writeCode } from '../core/formats/pocket/recordCode';
import { itemsWrittenAfter } from '../core/record/writtenAfter';
import type { Session } from '../core/session/plan/session';
import { timelineOf } from '../core/session/schedule/timeline';
import { demoPeople } from '../demo/people';
import { openTestHouse, repertoire, type TestHouse } from '../demo/testHouse';

/** What a class gives back that was taught from a file. */

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const find = (id: string) => repertoire.find((movement) => movement.id === id);
const BEGAN = 29_931_605;
const ask = (body: unknown) => house.ask('POST', '/api/logs/carried', body);
const classOf = async (id: string): Promise<Session> =>
  StoredSession.parse(await (await house.ask('GET', `/api/sessions/${id}`)).json()).session;
const linesOf = ({ sections }: Session) => sections.flatMap(({ items }) => items);
const logs = async () => (await (await house.ask('GET', '/api/logs')).json()) as { id: string }[];

/** The record of a class as its file saves it: of nobody, and without its course. */
async function recordOf(id: string, taken: PocketRecord['taken'] = []): Promise<PocketRecord> {
  const { session } = packClass('class', await classOf(id), find);
  const answer = timelineOf(session, find);
  if (!answer.ok) throw new Error('a class of known movements');
  const { timeline } = answer;
  return {
    format: 'vesperum-record',
    version: 1,
    log: {
      id: carriedLogId(session, BEGAN),
      sessionId: id,
      startedAt: new Date(BEGAN * 60_000).toISOString(),
      endedAt: new Date(BEGAN * 60_000 + timeline.totalMs).toISOString(),
      plan: session,
      items: itemsWrittenAfter(session, timeline, find, { leftOut: new Set(), tookMs: timeline.totalMs }),
      attendance: 11,
      notes: '',
      stops: [],
      answered: [],
      letGo: [],
    },
    taken,
  };
}

test('a record brought by file is written down once, with its group and its course as they are here', async () => {
  const record = await recordOf('evening-week-4', [{ thread: 'clouds-in-place', taken: 'has' }]);
  const first = await ask({ record });
  expect(first.status).toBe(201);
  const { log } = WrittenRecord.parse(await first.json());
  expect(log.plan).toMatchObject({ groupId: 'tram-shed-evening', course: { id: 'evening-course' } });
  const course = StoredCourse.parse(await (await house.ask('GET', '/api/courses/evening-course')).json()).course;
  expect(course.seen).toContainEqual({
    classId: log.plan.course?.classId,
    thread: 'clouds-in-place',
    taken: 'has',
  });
  const before = await logs();
  const again = await ask({ record });
  expect([again.status, WrittenRecord.parse(await again.json()).isNew]).toEqual([200, false]);
  expect(await logs()).toEqual(before);
});

test('the same class by its code is the same record: nothing doubles', async () => {
  const session = await classOf('depot-twenty');
  const lines = linesOf(session);
  const code = writeCode(session, {
    beganAt: BEGAN,
    tookMinutes: 21,
    came: 8,
    leftOut: lines.map((_, at) => at === 1),
    taken: [],
  });
  const first = await ask({ code: code?.toLowerCase() });
  expect(first.status).toBe(201);
  const { log } = WrittenRecord.parse(await first.json());
  expect(log.attendance).toBe(8);
  expect(log.items.reduce((sum, { actualMs }) => sum + actualMs, 0)).toBe(21 * 60_000);
  expect(log.items.filter(({ outcome }) => outcome === 'left out').map(({ itemId }) => itemId)).toEqual([lines[1]?.id]);
  expect((await ask({ code })).status).toBe(200);
  // Its file afterwards is known as well.
  expect((await ask({ record: await recordOf('depot-twenty') })).status).toBe(200);
  expect((await logs()).filter(({ id }) => id === log.id)).toHaveLength(1);
});

test('a code that was mistyped, or of a class that has other lines now, says what to do, and nothing is written', async () => {
  const before = await logs();
  const session = await classOf('depot-twenty');
  const said = { beganAt: BEGAN, tookMinutes: 21, came: null, leftOut: linesOf(session).map(() => false), taken: [] };
  const code = (writeCode(session, said) ?? '').replaceAll(' ', '');
  const other = code.at(9) === '7' ? '8' : '7';
  const refused = await ask({ code: code.slice(0, 9) + other + code.slice(10) });
  expect([refused.status, (await refused.json()).errors[0].message]).toEqual([422, expect.stringMatching(/mistyped/)]);
  const gone = await ask({ code: writeCode({ ...session, id: 'gone' }, said) });
  expect((await gone.json()).errors[0].message).toMatch(/has other lines now.*Bring the file/);
  expect((await (await ask({ code: '!!!' })).json()).errors[0].path).toEqual(['code']);
  const record = await recordOf('depot-twenty');
  const strange = await ask({ record: { ...record, log: { ...record.log, sessionId: 'elsewhere' } } });
  expect((await strange.json()).errors[0].message).toMatch(/carried from another place/);
  expect((await ask({ record: { ...record, version: 2 } })).status).toBe(422);
  expect(await logs()).toEqual(before);
});

test('nothing about anybody is carried: no name, no need, no group', async () => {
  for (const id of ['evening-week-4', 'morning-eight-pieces', 'depot-twenty']) {
    const text = JSON.stringify(packClass('class', await classOf(id), find));
    for (const { called, id: person } of demoPeople('2026-12-01')) {
      expect(text).not.toMatch(new RegExp(`\\b${called}\\b`));
      expect(text).not.toContain(person);
    }
    expect(text).not.toMatch(/tram-shed|depot-yard|higher-stance|no-twist|front-row|sits-/);
  }
});

test('the face of a name is cut down to its letters, and a page that was not built is said to be missing', async () => {
  const css = await (await house.ask('POST', '/api/pocket/faces', { text: '雲手 clouds' })).text();
  expect(css).toMatch(/U\+96f2/);
  expect(css).toMatch(/U\+624b/);
  // Two letters of a face of many megabytes.
  expect(css.length).toBeLessThan(8000);
  expect(await (await house.ask('POST', '/api/pocket/faces', { text: '' })).text()).toBe('');
  expect((await house.ask('GET', '/api/pocket/template')).status).toBe(404);
});

test('a record whose id another record has is written down under one of its own, and a second time is none', async () => {
  const record = await recordOf('evening-week-4', []);
  const other = {
    ...record,
    log: { ...record.log, startedAt: '2026-10-06T19:00:00.000Z', endedAt: '2026-10-06T20:00:00.000Z' },
  };
  const count = await logs();
  const first = WrittenRecord.parse(await (await ask({ record })).json());
  const second = WrittenRecord.parse(await (await ask({ record: other })).json());
  expect([first.isNew, second.isNew]).toEqual([true, true]);
  expect(second.log.id).not.toBe(first.log.id);
  expect(await logs()).toHaveLength((count as unknown[]).length + 2);
  expect(WrittenRecord.parse(await (await ask({ record: other })).json()).isNew).toBe(false);
});

test('a record that ends before it begins, or is of another class, is refused in words', async () => {
  const record = await recordOf('evening-week-4', []);
  const early = { ...record, log: { ...record.log, endedAt: '2026-01-01T00:00:00.000Z' } };
  const strange = { ...record, log: { ...record.log, plan: { ...record.log.plan, id: 'another' } } };
  for (const [wrong, why] of [
    [early, /ends before it begins/],
    [strange, /of another class/],
  ] as const) {
    const answer = await ask({ record: wrong });
    expect(answer.status).toBe(422);
    expect(JSON.stringify(await answer.json())).toMatch(why);
  }
});

test('how it went stays with the record where its course is not here any more', async () => {
  await house.ask('DELETE', '/api/courses/evening-course');
  const record = await recordOf('evening-week-4', [{ thread: 'clouds-in-place', taken: 'has' }]);
  const { log } = WrittenRecord.parse(await (await ask({ record })).json());
  expect(log.notes).toMatch(/How it went: .+: they have it/);
});
