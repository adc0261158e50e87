import type { StoredSession } from '../core/formats/api/api';
import { StoredCourse } from '../core/formats/api/courseApi';
import { Group } from '../core/group/group';
import type { Session } from '../core/session/plan/session';
import { openTestHouse, type TestHouse } from '../demo/testHouse';

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const ID = 'evening-course';
const stored = async (): Promise<StoredCourse> =>
  StoredCourse.parse(await (await house.ask('GET', `/api/courses/${ID}`)).json());

test('the demo has four courses, each with a plan, and the evening class of today is the fourth of its own', async () => {
  const courses = StoredCourse.array().parse(await (await house.ask('GET', '/api/courses')).json());
  expect(courses.map(({ course }) => course.id).sort()).toEqual([
    'depot-rota',
    'evening-course',
    'morning-pieces',
    'reading-room-chairs',
  ]);
  for (const { course } of courses) expect(Object.values(course.plan).flat().length).toBeGreaterThan(10);
  const session = (await (await house.ask('GET', '/api/sessions/evening-week-4')).json()) as { session: object };
  expect(session.session).toMatchObject({ course: { id: ID, classId: '2026-12-01-1900' } });
});

test('a save over an older revision is refused with both versions, and changes nothing', async () => {
  const first = await stored();
  const named = { ...first.course, name: 'Clouds' };
  expect((await house.ask('PUT', `/api/courses/${ID}`, { course: named, revision: first.revision })).status).toBe(200);
  const before = house.contents();
  const late = { ...first.course, name: 'Waves' };
  const answer = await house.ask('PUT', `/api/courses/${ID}`, { course: late, revision: first.revision });
  expect(answer.status).toBe(409);
  expect(await answer.json()).toMatchObject({ stored: { course: { name: 'Clouds' } }, sent: { name: 'Waves' } });
  expect(house.contents()).toBe(before);
});

test('a course that names what does not exist, or does not hold together, is refused by its fields', async () => {
  const { course } = await stored();
  const before = house.contents();
  const [thread, ...threads] = course.threads;
  const cases: [object, RegExp][] = [
    [{ ...course, id: 'other', groupId: 'nobody' }, /groupId.*there is no group/],
    [
      { ...course, id: 'other', threads: [{ ...thread, taught: { kind: 'movement', id: 'no-such' } }, ...threads] },
      /there is no movement/,
    ],
    [{ ...course, id: 'other', plan: { nothing: [] } }, /there is no such thread/],
    [{ ...course, id: 'other', calendar: { ...course.calendar, firstDay: 'soon' } }, /firstDay/],
  ];
  for (const [sent, complaint] of cases) {
    const answer = await house.ask('POST', '/api/courses', { course: sent });
    expect(answer.status).toBe(422);
    expect(JSON.stringify(await answer.json())).toMatch(complaint);
  }
  expect(house.contents()).toBe(before);
});

test('a course is taken away and brought back, and its classes stay', async () => {
  expect((await house.ask('DELETE', `/api/courses/${ID}`)).status).toBe(204);
  expect((await house.ask('GET', `/api/courses/${ID}`)).status).toBe(404);
  expect((await house.ask('GET', '/api/sessions/evening-week-4')).status).toBe(200);
  expect((await house.ask('POST', `/api/courses/${ID}/restore`)).status).toBe(200);
  expect((await stored()).course.id).toBe(ID);
});

test('a course has an address of its own as a calendar', async () => {
  const answer = await house.ask('GET', `/api/courses/${ID}/calendar`);
  expect(answer.headers.get('content-type')).toContain('text/calendar');
  const text = await answer.text();
  expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(12);
  expect(text).toContain('UID:evening-course.2026-12-01-1900@vesperum');
});

test('a group is added, changed, put away and brought back; its classes still know it', async () => {
  const [first] = Group.array().parse(await (await house.ask('GET', '/api/groups')).json());
  const group = { ...first, id: 'weir-street', name: 'Weir Street' };
  expect((await house.ask('POST', '/api/groups', group)).status).toBe(201);
  expect((await house.ask('POST', '/api/groups', group)).status).toBe(409);
  expect((await house.ask('POST', '/api/groups', { ...group, id: 'third', name: ' ' })).status).toBe(422);
  const changed = await house.ask('PUT', '/api/groups/weir-street', { ...group, doors: { before: 0, after: 10 } });
  expect(await changed.json()).toMatchObject({ doors: { before: 0, after: 10 } });
  expect((await house.ask('PUT', '/api/groups/weir-street', { ...group, id: 'other' })).status).toBe(422);
  expect((await house.ask('DELETE', '/api/groups/weir-street')).status).toBe(204);
  const names = async (path: string) =>
    Group.array()
      .parse(await (await house.ask('GET', path)).json())
      .map(({ name }) => name);
  expect(await names('/api/groups')).not.toContain('Weir Street');
  expect(await names('/api/groups/put-away')).toEqual(['Weir Street']);
  expect((await house.ask('POST', '/api/groups/weir-street/restore')).status).toBe(200);
  expect(await names('/api/groups')).toContain('Weir Street');
  expect((await house.ask('DELETE', '/api/groups/nobody')).status).toBe(404);
});

test('a course comes from a file whole or not at all, and overwrites nothing', async () => {
  const { course } = await stored();
  const file = (more: object = {}) =>
    JSON.stringify({ format: 'vesperum-course', version: 1, course, movements: [], ...more });
  const sent = { text: file(), id: 'spring-course', groupId: 'depot-yard' };
  const before = house.contents();
  for (const wrong of [
    { ...sent, groupId: 'nobody' },
    { ...sent, text: 'no' },
    { ...sent, text: file({ movements: [{ id: 'x' }] }) },
    {
      ...sent,
      text: file({
        course: {
          ...course,
          threads: [{ ...course.threads[0], taught: { kind: 'movement', id: 'no-such' } }],
          plan: {},
          seen: [],
        },
      }),
    },
  ]) {
    expect((await house.ask('POST', '/api/courses/file', wrong)).status).toBe(422);
  }
  expect((await house.ask('POST', '/api/courses/file', { ...sent, id: ID })).status).toBe(409);
  expect(house.contents()).toBe(before);
  const answer = await house.ask('POST', '/api/courses/file', sent);
  expect(answer.status).toBe(201);
  expect(await answer.json()).toMatchObject({
    course: { id: 'spring-course', groupId: 'depot-yard', name: course.name },
  });
});

test('a class of a course is drawn up again beside how it was drawn up before, in one save', async () => {
  const { session: drawn } = (await (await house.ask('GET', '/api/sessions/evening-week-4')).json()) as {
    session: Session;
  };
  const mine = { ...drawn, id: 'class-again', course: { id: ID, classId: '2027-03-02-1900' } };
  await house.ask('POST', '/api/sessions', { session: mine });
  const base = async () => (await house.ask('GET', '/api/sessions/class-again/base')).json();
  expect(await base()).toEqual({ session: mine });
  const changed = { ...mine, title: 'With a longer warm-up' };
  await house.ask('PUT', '/api/sessions/class-again', { session: changed, revision: 1 });
  // What was changed by hand changes nothing of how it was drawn up.
  expect(await base()).toEqual({ session: mine });
  const theirs = { ...mine, startsAt: '19:15' };
  const merged = { ...changed, startsAt: '19:15' };
  const late = await house.ask('PUT', '/api/sessions/class-again/redrawn', {
    session: merged,
    base: theirs,
    revision: 1,
  });
  expect(late.status).toBe(409);
  expect(await base()).toEqual({ session: mine });
  const answer = await house.ask('PUT', '/api/sessions/class-again/redrawn', {
    session: merged,
    base: theirs,
    revision: 2,
  });
  expect(await answer.json()).toMatchObject({
    session: { title: 'With a longer warm-up', startsAt: '19:15' },
    revision: 3,
  });
  expect(await base()).toEqual({ session: theirs });
});

test('a class by itself has no base, and one that was taught is not drawn up again', async () => {
  expect((await house.ask('GET', '/api/sessions/depot-twenty/base')).status).toBe(404);
  const [log] = (await (await house.ask('GET', '/api/logs')).json()) as { sessionId: string }[];
  const taught = (await (await house.ask('GET', `/api/sessions/${log?.sessionId}`)).json()) as StoredSession;
  const { session, revision } = taught;
  const answer = await house.ask('PUT', `/api/sessions/${session.id}/redrawn`, { session, base: session, revision });
  expect(answer.status).toBe(409);
  expect(await answer.json()).toMatchObject({ title: expect.stringMatching(/has been taught/) });
});

test('a class of a course that two windows draw up is there once, and once again when it was taken away', async () => {
  const of = { id: ID, classId: '2027-03-09-1900' };
  const { session } = (await (await house.ask('GET', '/api/sessions/evening-week-4')).json()) as StoredSession;
  const draw = async (id: string) =>
    (await house.ask('POST', '/api/sessions', { session: { ...session, id, course: of } })).status;
  expect([await draw('one-window'), await draw('other-window')]).toEqual([201, 409]);
  expect((await house.ask('GET', '/api/sessions/other-window')).status).toBe(404);
  await house.ask('DELETE', '/api/sessions/one-window');
  expect(await draw('other-window')).toBe(201);
});
