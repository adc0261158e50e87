import { Conflict, Problem, SessionSummary, StoredSession, TimelineReply } from '../core/formats/api/api';
import { ClassLog } from '../core/record/classLog';
import { classSeconds } from '../core/session/plan/slotTime';
import { inBreath, line, movement, outBreath, plan } from '../core/testing/sample';
import { openTestHouse, repertoire, type TestHouse } from '../demo/testHouse';

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const tonight = async () => StoredSession.parse(await (await house.ask('GET', '/api/sessions/evening-week-4')).json());
const problemOf = async (answer: Response) => {
  expect(answer.headers.get('content-type')).toContain('application/problem+json');
  return Problem.parse(await answer.json());
};

describe('what is there', () => {
  test('movements, groups and sessions are listed', async () => {
    expect(await (await house.ask('GET', '/api/movements')).json()).toHaveLength(repertoire.length);
    expect(await (await house.ask('GET', '/api/groups')).json()).toHaveLength(4);
    const sessions = SessionSummary.array().parse(await (await house.ask('GET', '/api/sessions')).json());
    expect(sessions.map(({ slotMinutes }) => slotMinutes).sort()).toEqual([20, 55, 75, 75, 75, 75]);
    expect(sessions.every((one) => Math.abs(one.safeMs - classSeconds(one) * 1000) < 180_000)).toBe(true);
  });

  test('one movement by its id, and a plain answer for one that is not', async () => {
    expect(await (await house.ask('GET', '/api/movements/cloud-hands')).json()).toMatchObject({ id: 'cloud-hands' });
    expect(await problemOf(await house.ask('GET', '/api/movements/nothing'))).toMatchObject({ status: 404 });
  });

  test('the API describes every path it answers, with the fields of a session', async () => {
    const document = await (await house.ask('GET', '/api/openapi.json')).json();
    expect(Object.keys(document.paths).sort()).toEqual([
      '/api/archive',
      '/api/archive/difference',
      '/api/archive/restore',
      '/api/asides',
      '/api/backups',
      '/api/backups/{name}',
      '/api/backups/{name}/difference',
      '/api/backups/{name}/restore',
      '/api/compute/timeline',
      '/api/compute/weave',
      '/api/courses',
      '/api/courses/file',
      '/api/courses/{id}',
      '/api/courses/{id}/calendar',
      '/api/courses/{id}/restore',
      '/api/devices',
      '/api/devices/presses',
      '/api/devices/sounds',
      '/api/devices/{name}/start',
      '/api/devices/{name}/stop',
      '/api/felt',
      '/api/forms',
      '/api/groups',
      '/api/groups/put-away',
      '/api/groups/{id}',
      '/api/groups/{id}/asked',
      '/api/groups/{id}/people',
      '/api/groups/{id}/restore',
      '/api/groups/{id}/schools',
      '/api/groups/{id}/takes',
      '/api/halls',
      '/api/halls/{id}',
      '/api/keeping',
      '/api/keeping/underway',
      '/api/library',
      '/api/logs',
      '/api/logs/carried',
      '/api/logs/learnt',
      '/api/logs/over-time',
      '/api/logs/{id}',
      '/api/logs/{id}/answered',
      '/api/logs/{id}/felt',
      '/api/logs/{id}/let-go',
      '/api/logs/{id}/people',
      '/api/movements',
      '/api/movements/file',
      '/api/movements/traits',
      '/api/movements/{id}',
      '/api/movements/{id}/restore',
      '/api/own-practice',
      '/api/own-practice/{id}',
      '/api/own-practice/{id}/tally',
      '/api/passages',
      '/api/passages/{id}',
      '/api/people/{id}',
      '/api/pocket/faces',
      '/api/pocket/template',
      '/api/schema/movement.json',
      '/api/sessions',
      '/api/sessions/file',
      '/api/sessions/page',
      '/api/sessions/{id}',
      '/api/sessions/{id}/base',
      '/api/sessions/{id}/offered',
      '/api/sessions/{id}/redrawn',
      '/api/sessions/{id}/restore',
      '/api/sessions/{id}/summary',
      '/api/unread',
      '/api/wording',
      '/api/wording/{movementId}',
    ]);
    expect(JSON.stringify(document.paths['/api/sessions/{id}'].put.requestBody)).toContain('slotMinutes');
  });
});

describe('the engine by a script', () => {
  test('a plan with an inline movement is timed: 8 breaths at 6 a minute are 80 s', async () => {
    const own = movement({ id: 'my-own', parts: { cycle: [inBreath, outBreath] } });
    const body = { session: plan([line({ movementId: 'my-own', count: 8 })]), movements: [own] };
    const reply = TimelineReply.parse(await (await house.ask('POST', '/api/compute/timeline', body)).json());
    expect(reply.timeline.totalMs).toBe(80_000);
    expect(reply.timeline.segments).toHaveLength(16);
    // In eight of ten it has ended by a fifteenth more: the class factor and the breath.
    expect(reply.verdict.state).toBe('under');
    expect(reply.verdict.beyondMs / 1000).toBeCloseTo(80 * 1.07 - 3600, -1);
  });

  test('a stored class is timed by its movement ids, as the list says', async () => {
    const { session } = await tonight();
    const reply = TimelineReply.parse(await (await house.ask('POST', '/api/compute/timeline', { session })).json());
    const listed = SessionSummary.array().parse(await (await house.ask('GET', '/api/sessions')).json());
    expect(listed.find(({ id }) => id === session.id)?.totalMs).toBe(reply.timeline.totalMs);
  });

  test('an unknown movement is refused with its line', async () => {
    const refused = await house.ask('POST', '/api/compute/timeline', { session: plan([line({ movementId: 'gone' })]) });
    expect(await problemOf(refused)).toMatchObject({
      status: 422,
      errors: [{ path: ['session', 'sections', 0, 'items', 0, 'movementId'] }],
    });
  });
});

describe('saving', () => {
  test('a save counts the revision up and is found again', async () => {
    const { session, revision } = await tonight();
    const saved = await house.ask('PUT', '/api/sessions/evening-week-4', {
      session: { ...session, title: 'Renamed' },
      revision,
    });
    expect(StoredSession.parse(await saved.json())).toMatchObject({ revision: 2, session: { title: 'Renamed' } });
    expect((await tonight()).session.title).toBe('Renamed');
  });

  test('a save over a newer revision answers 409 with both and changes nothing', async () => {
    const { session, revision } = await tonight();
    await house.ask('PUT', '/api/sessions/evening-week-4', { session: { ...session, title: 'Theirs' }, revision });
    const before = house.contents();
    const refused = await house.ask('PUT', '/api/sessions/evening-week-4', {
      session: { ...session, title: 'Mine' },
      revision,
    });
    expect(refused.status).toBe(409);
    const conflict = Conflict.parse(await refused.json());
    expect([conflict.stored.session.title, conflict.stored.revision, conflict.sent.title]).toEqual([
      'Theirs',
      2,
      'Mine',
    ]);
    expect(house.contents()).toBe(before);
  });

  test('the same save sent again after a lost answer is no conflict', async () => {
    const { session, revision } = await tonight();
    const body = { session: { ...session, title: 'Once' }, revision };
    await house.ask('PUT', '/api/sessions/evening-week-4', body);
    const again = StoredSession.parse(await (await house.ask('PUT', '/api/sessions/evening-week-4', body)).json());
    expect(again.revision).toBe(2);
  });

  test('a new class is there by its id; a second one of that id, a foreign address and an unknown movement change nothing', async () => {
    const { session } = await tonight();
    const fresh = { ...session, id: 'thursday-noon', title: 'Thursday noon', course: null };
    expect((await house.ask('POST', '/api/sessions', { session: fresh })).status).toBe(201);
    const found = StoredSession.parse(await (await house.ask('GET', '/api/sessions/thursday-noon')).json());
    expect(found).toMatchObject({ revision: 1, session: fresh });
    const before = house.contents();
    const again = { session: { ...fresh, title: 'Twice' } };
    expect(await problemOf(await house.ask('POST', '/api/sessions', again))).toMatchObject({ status: 409 });
    const elsewhere = await house.ask('PUT', '/api/sessions/evening-week-4', { session: fresh, revision: 1 });
    expect(await problemOf(elsewhere)).toMatchObject({ status: 422, errors: [{ path: ['session', 'id'] }] });
    const nowhere = { session: { ...fresh, id: 'nowhere-yet' }, revision: 1 };
    expect((await house.ask('PUT', '/api/sessions/nowhere-yet', nowhere)).status).toBe(404);
    expect(house.contents()).toBe(before);
  });

  test('a full disk is told as what it is, and changes nothing', async () => {
    const { session, revision } = await tonight();
    // No page more than there are now.
    house.database.pragma(`max_page_count = ${house.database.pragma('page_count', { simple: true })}`);
    const long = session.sections.map((section) => ({
      ...section,
      items: section.items.map((item) => ({ ...item, note: 'x'.repeat(400) })),
    }));
    const ask = async (n: number) => {
      const before = house.contents();
      const answer = await house.ask('POST', '/api/sessions', {
        session: { ...session, id: `full-${n}00`, sections: long, course: null },
      });
      return { answer, isSame: house.contents() === before };
    };
    let last = await ask(0);
    for (let n = 1; last.answer.status === 201 && n < 60; n += 1) last = await ask(n);
    expect(last.isSame).toBe(true);
    expect(await problemOf(last.answer)).toMatchObject({ status: 507, title: expect.stringMatching(/no room.*disk/) });
    house.database.pragma('max_page_count = 1073741823');
    const after = await house.ask('PUT', '/api/sessions/evening-week-4', {
      session: { ...session, title: 'After' },
      revision,
    });
    expect(after.status).toBe(200);
  });

  test('a class taken away is out of sight and can be brought back', async () => {
    expect((await house.ask('DELETE', '/api/sessions/evening-week-4')).status).toBe(204);
    expect((await house.ask('GET', '/api/sessions/evening-week-4')).status).toBe(404);
    expect((await house.ask('DELETE', '/api/sessions/evening-week-4')).status).toBe(404);
    expect((await house.ask('POST', '/api/sessions/evening-week-4/restore')).status).toBe(200);
    expect((await tonight()).session.title).toBe('Clouds and brush knee');
  });

  test('a class of a course that has been drawn up once more is not brought back beside it', async () => {
    const { session } = await tonight();
    await house.ask('DELETE', '/api/sessions/evening-week-4');
    const again = { session: { ...session, id: 'drawn-again' } };
    expect((await house.ask('POST', '/api/sessions', again)).status).toBe(201);
    const before = house.contents();
    const answer = await house.ask('POST', '/api/sessions/evening-week-4/restore');
    expect(await problemOf(answer)).toMatchObject({
      status: 409,
      title: expect.stringContaining('Take that one away first'),
    });
    expect(house.contents()).toBe(before);
    // Once the other is gone it comes back.
    await house.ask('DELETE', '/api/sessions/drawn-again');
    expect((await house.ask('POST', '/api/sessions/evening-week-4/restore')).status).toBe(200);
    expect((await house.ask('POST', '/api/sessions/drawn-again/restore')).status).toBe(409);
  });
});

describe('the log', () => {
  test('a recorded class comes back whole and takes notes', async () => {
    const logged = ClassLog.parse(await (await house.ask('GET', '/api/logs/evening-week-3-taught')).json());
    const own = {
      ...logged,
      id: 'second-log',
      sessionId: 'evening-week-4',
      plan: { ...logged.plan, id: 'evening-week-4' },
    };
    expect((await house.ask('POST', '/api/logs', { log: own })).status).toBe(201);
    // The answer was lost and it is sent again: the same class is no new record.
    const before = house.contents();
    const again = await house.ask('POST', '/api/logs', { log: own });
    expect([again.status, await again.json()]).toEqual([200, own]);
    const log = { ...own, endedAt: new Date(Date.parse(own.endedAt) + 60_000).toISOString() };
    expect(await problemOf(await house.ask('POST', '/api/logs', { log }))).toMatchObject({ status: 409 });
    expect(house.contents()).toBe(before);
    const noted = await house.ask('PUT', '/api/logs/second-log', { attendance: 9, notes: 'Quiet evening' });
    expect(ClassLog.parse(await noted.json())).toEqual({ ...own, attendance: 9, notes: 'Quiet evening' });
  });

  test('a log of a class that is not there is refused with the field, and one that is not there is not found', async () => {
    const logged = ClassLog.parse(await (await house.ask('GET', '/api/logs/evening-week-3-taught')).json());
    const before = house.contents();
    const orphan = await house.ask('POST', '/api/logs', {
      log: { ...logged, id: 'orphan', sessionId: 'never-was', plan: { ...logged.plan, id: 'never-was' } },
    });
    expect(await problemOf(orphan)).toMatchObject({
      status: 422,
      errors: [{ path: ['log', 'sessionId'], message: 'there is no class "never-was"' }],
    });
    expect((await house.ask('GET', '/api/logs/orphan')).status).toBe(404);
    expect((await house.ask('PUT', '/api/logs/orphan', { attendance: 3, notes: '' })).status).toBe(404);
    expect(house.contents()).toBe(before);
  });

  test('the demo class was left unfinished nowhere but in the shaking', async () => {
    const { items } = ClassLog.parse(await (await house.ask('GET', '/api/logs/evening-week-3-taught')).json());
    expect(items.filter(({ outcome }) => outcome === 'left out').map(({ title }) => title)).toEqual(['Shaking']);
    expect(items.filter(({ outcome }) => outcome === 'done more').map(({ title }) => title)).toEqual([
      'Push the Waves',
    ]);
  });
});

describe('bad input to every route that writes leaves the database as it was', () => {
  const writes: [string, string][] = [
    ['POST', '/api/sessions'],
    ['PUT', '/api/sessions/evening-week-4'],
    ['POST', '/api/logs'],
    ['PUT', '/api/logs/evening-week-3-taught'],
    ['POST', '/api/compute/timeline'],
    ['PUT', '/api/movements/cloud-hands'],
    ['POST', '/api/movements/file'],
  ];
  const bodies: [string, unknown, number][] = [
    ['no JSON', '{"session": ', 400],
    ['an empty object', {}, 422],
    ['a list', [], 422],
    ['null', 'null', 422],
    ['a number', '7', 422],
    ['wrong kinds everywhere', { session: { id: 5 }, revision: 'x', attendance: 'many', notes: 3 }, 422],
    ['a prototype to pollute', '{"__proto__": {"admin": true}, "session": {"__proto__": {}}}', 422],
  ];
  test.each(
    writes.flatMap(([method, path]) =>
      bodies.map(([name, body, status]) => [method, path, name, body, status] as const),
    ),
  )('%s %s with %s', async (method, path, _name, body, status) => {
    const before = house.contents();
    const answer = await house.ask(method, path, body);
    expect(answer.status).toBe(status);
    expect((await problemOf(answer)).title).not.toMatch(/Error:|\bat \//);
    expect(house.contents()).toBe(before);
  });

  test('fields are named: a count of minus one and an unknown group', async () => {
    const { session, revision } = await tonight();
    const [opening, warmUp, ...rest] = session.sections;
    const bad = {
      ...session,
      sections: [opening, { ...warmUp, items: [{ ...warmUp?.items[0], count: -1 }] }, ...rest],
    };
    const refused = await problemOf(await house.ask('PUT', '/api/sessions/evening-week-4', { session: bad, revision }));
    expect(refused.errors).toMatchObject([{ path: ['session', 'sections', 1, 'items', 0, 'count'] }]);
    const nobody = { session: { ...session, groupId: 'nobody' }, revision };
    expect((await problemOf(await house.ask('PUT', '/api/sessions/evening-week-4', nobody))).errors).toMatchObject([
      { path: ['session', 'groupId'] },
    ]);
  });
});

describe('the door', () => {
  test.each([
    ['a foreign host', { host: 'example.test' }, 421],
    ['a foreign page', { origin: 'http://example.test' }, 403],
    ['another port', { origin: 'http://127.0.0.1:9' }, 403],
    ['our own page', { origin: 'http://127.0.0.1:4780' }, 200],
  ])('%s', async (_name, headers, status) => {
    expect((await house.ask('GET', '/api/movements', undefined, headers)).status).toBe(status);
  });

  test('a page elsewhere that hides its address cannot write without a preflight', async () => {
    const before = house.contents();
    const hidden = { 'sec-fetch-site': 'cross-site', 'content-type': 'text/plain' };
    const answer = await house.ask('DELETE', '/api/sessions/evening-week-4', undefined, hidden);
    expect(await problemOf(answer)).toMatchObject({ status: 403, title: expect.stringContaining('other addresses') });
    expect(house.contents()).toBe(before);
  });

  test('a form post from anywhere is refused', async () => {
    const answer = await house.ask('POST', '/api/sessions', 'a=b', { 'content-type': 'text/plain' });
    expect(answer.status).toBe(415);
  });

  test('a body over the limit is refused', async () => {
    expect((await house.ask('POST', '/api/sessions', 'x'.repeat(1_100_000))).status).toBe(413);
  });

  test('unknown addresses and methods are answered properly', async () => {
    expect(await problemOf(await house.ask('GET', '/api/nothing'))).toMatchObject({ status: 404 });
    const patched = await house.ask('PATCH', '/api/sessions/evening-week-4');
    expect(patched.status).toBe(405);
    expect(patched.headers.get('allow')?.split(', ').toSorted()).toEqual(['DELETE', 'GET', 'HEAD', 'PUT']);
  });

  test('every answer carries a policy without inline scripts, refusals too', async () => {
    for (const path of ['/api/movements', '/api/nothing']) {
      const policy = (await house.ask('GET', path)).headers.get('content-security-policy') ?? '';
      expect(policy).toContain("script-src 'self';");
      expect(policy).toContain("default-src 'none'");
    }
  });

  test('a fault inside is answered without its stack', async () => {
    const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    house.database.exec('DROP TABLE class_log_items');
    const answer = await house.ask('GET', '/api/logs/evening-week-3-taught');
    expect(answer.status).toBe(500);
    expect(JSON.stringify(await answer.json())).not.toMatch(/SqliteError|class_log_items|\.ts/);
    quiet.mockRestore();
  });
});

describe('what could harm', () => {
  const own = async (change: (session: Record<string, unknown>) => void) => {
    const { session } = await tonight();
    const other = { ...session, id: 'hostile-class', course: null } as Record<string, unknown>;
    change(other);
    return house.ask('POST', '/api/sessions', { session: other });
  };

  test('a class of a few hundred bytes that would last for weeks is refused with the field, and nothing is written', async () => {
    const before = house.contents();
    const answer = await own((session) => {
      const item = line({ id: 'a', movementId: 'cloud-hands', count: 3600, rounds: 20, block: 'inner' });
      const blocks = [
        { id: 'outer', rounds: 20 },
        { id: 'inner', rounds: 20, within: 'outer' },
      ];
      Object.assign(session, {
        sections: [{ kind: 'main', pace: { from: 6, to: 6, easing: 0 }, items: [item], blocks }],
      });
    });
    expect(answer.status).toBe(422);
    expect(await problemOf(answer)).toMatchObject({
      errors: [{ path: ['session', 'sections', 0, 'items', 0, 'count'], message: expect.stringMatching(/steps/) }],
    });
    expect(house.contents()).toBe(before);
  });

  test('one that is stored all the same, by an older version, takes no list with it', async () => {
    const { session } = await tonight();
    const [section] = session.sections;
    const item = line({ id: 'a', movementId: 'cloud-hands', count: 3600, rounds: 20 });
    const huge = { ...session, sections: [{ ...section, items: [item] }] };
    house.database.prepare('UPDATE sessions SET document = ? WHERE id = ?').run(JSON.stringify(huge), session.id);
    const all = SessionSummary.array().parse(await (await house.ask('GET', '/api/sessions')).json());
    expect(all.find(({ id }) => id === session.id)).toMatchObject({ totalMs: 0, lines: 1 });
  });

  test.each([
    ['a NUL', '"title":"Even\\u0000ing"', ['session', 'title']],
    ['half a character', '"title":"Even\\ud83d"', ['session', 'title']],
    ['a field that every object has', '"__proto__":{"a":1},"title":"Evening"', ['session', '__proto__']],
  ])('%s is refused with its place', async (_, field, path) => {
    const { session } = await tonight();
    const whole = { session: { ...session, id: 'hostile-class', title: 'MARK' } };
    const text = JSON.stringify(whole).replace('"title":"MARK"', field);
    const answer = await house.ask('POST', '/api/sessions', text);
    expect(answer.status).toBe(422);
    expect((await problemOf(answer)).errors?.map((one) => one.path)).toContainEqual(path);
  });

  test.each(['__proto__', 'constructor', 'toString'])('a line or a class called %s is refused', async (id) => {
    const asLine = await own((session) => {
      const items = [line({ id: 'a', movementId: 'cloud-hands' })].map((one) => ({ ...one, id }));
      Object.assign(session, { sections: [{ kind: 'main', pace: { from: 6, to: 6, easing: 0 }, items }] });
    });
    expect(asLine.status).toBe(422);
    const asClass = await own((session) => Object.assign(session, { id }));
    expect(asClass.status).toBe(422);
  });

  test('brackets in brackets are refused, and the server goes on', async () => {
    const deep = `${'{"a":'.repeat(50_000)}1${'}'.repeat(50_000)}`;
    expect((await house.ask('POST', '/api/sessions', deep)).status).toBeGreaterThanOrEqual(400);
    expect((await house.ask('POST', '/api/sessions', deep)).status).toBeLessThan(500);
    expect((await house.ask('POST', '/api/sessions', `{"__proto__":${deep}}`)).status).toBe(422);
    expect((await house.ask('GET', '/api/health')).status).toBe(200);
  });
});
