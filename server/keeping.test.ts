import { mkdirSync, readdirSync, readFileSync, rmSync, statSync, utimesSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import SQLite from 'better-sqlite3';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { EPOCH_HEADER } from '../core/formats/api/epoch';
import { AGREED, BroughtBack, Comparison, Keeping } from '../core/formats/api/keepingApi';
import { openTestHouse, type TestHouse } from '../demo/testHouse';
import { backupFolder } from './store/keeping/backupFolder';
import { fingerprintOf } from './store/keeping/contents';
import { backUpDay, daysKept } from './store/keeping/dailyBackups';

/** Keeping the data: backups by themselves, bringing one back, everything as one archive. */

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const keeping = async () => Keeping.parse(await (await house.ask('GET', '/api/keeping')).json());
const rename = async (name: string) => {
  const [group] = await (await house.ask('GET', '/api/groups')).json();
  const answer = await house.ask('PUT', `/api/groups/${group.id}`, { ...group, name });
  expect(answer.status).toBe(200);
  return group.name as string;
};
const namesOfGroups = async (): Promise<string[]> =>
  (await (await house.ask('GET', '/api/groups')).json()).map(({ name }: { name: string }) => name);

describe('backups', () => {
  test('one a day where something changed, none where nothing did; it is for its owner only', async () => {
    expect(await backUpDay(house.database, house.folder, '2026-12-01')).toBe('2026-12-01.sqlite');
    expect(await backUpDay(house.database, house.folder, '2026-12-02')).toBeNull();
    await rename('Another name');
    expect(await backUpDay(house.database, house.folder, '2026-12-03')).toBe('2026-12-03.sqlite');
    const { backups } = await keeping();
    expect(backups.map(({ name }) => name).toSorted()).toEqual(['2026-12-01.sqlite', '2026-12-03.sqlite']);
    expect(backups.every(({ bytes }) => bytes > 10_000)).toBe(true);
    expect((statSync(join(backupFolder(house.folder), '2026-12-03.sqlite')).mode & 0o777).toString(8)).toBe('600');
    expect(readdirSync(backupFolder(house.folder)).filter((name) => name.startsWith('.'))).toEqual([]);
  });

  test('one that cannot be read is as good as none: the next day makes another', async () => {
    await backUpDay(house.database, house.folder, '2026-12-01');
    writeFileSync(join(backupFolder(house.folder), '2026-12-01.sqlite'), 'damaged');
    expect(await backUpDay(house.database, house.folder, '2026-12-02')).toBe('2026-12-02.sqlite');
  });

  test('kept are seven days, the last of four weeks and of twelve months', () => {
    const days = Array.from({ length: 500 }, (_, i) =>
      new Date(Date.UTC(2026, 10, 27) - i * 86_400_000).toISOString().slice(0, 10),
    );
    const kept = [...daysKept(days)].toSorted((a, b) => b.localeCompare(a));
    expect(kept.slice(0, 7)).toEqual(days.slice(0, 7));
    // 27 November 2026 is a Friday: weeks before it end on Sundays.
    expect(kept).toEqual(expect.arrayContaining(['2026-11-22', '2026-11-15', '2026-11-08']));
    expect(kept).toEqual(expect.arrayContaining(['2026-10-31', '2026-09-30', '2025-12-31']));
    expect(kept).not.toContain('2025-11-30');
    expect(kept.length).toBeLessThanOrEqual(7 + 4 + 12);
  });

  test('two that are asked for at once, and one while a class is recorded, do not get in each other’s way', async () => {
    await rename('Another name');
    const asked = Array.from({ length: 4 }, () => house.ask('POST', '/api/backups'));
    expect((await Promise.all(asked)).map(({ status }) => status)).toEqual([200, 200, 200, 200]);
    const { backups, failure } = await keeping();
    expect([backups.length, failure]).toEqual([1, null]);
    expect(readdirSync(backupFolder(house.folder)).filter((name) => name.startsWith('.'))).toEqual([]);
  });

  test('that nothing was written is seen by the files alone; a write is not missed, nor a backup that is gone', async () => {
    const make = async () => (await (await house.ask('POST', '/api/backups')).json()).made?.name ?? null;
    const name = await make();
    expect(name).toMatch(/\.sqlite$/);
    // Seen by the files alone: what the latest backup holds is not looked at.
    const file = join(backupFolder(house.folder), name);
    const { atime, mtime, size } = statSync(file);
    writeFileSync(file, 'x'.repeat(size));
    utimesSync(file, atime, mtime);
    expect(await make()).toBeNull();
    const before = await rename('Another name');
    expect(await make()).toBe(name);
    await rename(before);
    expect(await make()).toBe(name);
    expect(await make()).toBeNull();
    expect((await house.ask('DELETE', `/api/backups/${name}`)).status).toBe(204);
    expect(await make()).toBe(name);
  });

  test('one that failed is told with its reason until one succeeds', async () => {
    // Where the folder should be there is a file.
    writeFileSync(backupFolder(house.folder), 'in the way');
    expect((await house.ask('POST', '/api/backups')).status).toBe(500);
    expect((await keeping()).failure?.why).toMatch(/cannot be written by this user/);
    rmSync(backupFolder(house.folder));
    expect((await house.ask('POST', '/api/backups')).status).toBe(200);
    expect((await keeping()).failure).toBeNull();
  });

  test('data that is damaged in the middle is said to be so, with what to do', async () => {
    await rename('Another name');
    house.database.pragma('wal_checkpoint(TRUNCATE)');
    const file = join(house.folder, 'vesperum.sqlite');
    const bytes = readFileSync(file);
    bytes.fill(0xab, Math.floor(bytes.length * 0.3), Math.floor(bytes.length * 0.7));
    writeFileSync(file, bytes);
    expect((await house.ask('POST', '/api/backups')).status).toBe(500);
    expect((await keeping()).failure?.why).toMatch(/damaged.*(npm run restore|bring back an earlier backup)/i);
    expect(readdirSync(backupFolder(house.folder)).filter((name) => name.startsWith('.'))).toEqual([]);
  });

  test('bringing one back: what would change is said first, and a copy of what was there is kept', async () => {
    const before = await rename('First name');
    await backUpDay(house.database, house.folder, '2026-12-01');
    const contents = fingerprintOf(house.database);
    await rename('Second name');
    await house.ask('DELETE', '/api/sessions/evening-week-4');
    const path = '/api/backups/2026-12-01.sqlite';
    const difference = Comparison.parse(await (await house.ask('GET', `${path}/difference`)).json());
    expect(difference).toEqual({
      tables: [
        { table: 'groups', here: 0, there: 0, differ: 1 },
        { table: 'sessions', here: 0, there: 0, differ: 1 },
      ],
      unread: [],
    });
    const { kept } = BroughtBack.parse(await (await house.ask('POST', `${path}/restore`)).json());
    expect(fingerprintOf(house.database)).toBe(contents);
    expect(await namesOfGroups()).toContain('First name');
    // And back again from the copy.
    expect((await house.ask('POST', `/api/backups/${kept}/restore`)).status).toBe(200);
    expect(await namesOfGroups()).toContain('Second name');
    expect(before).not.toBe('First name');
  });

  test('what is no backup is refused by its name, and nothing is changed', async () => {
    mkdirSync(backupFolder(house.folder), { recursive: true });
    const foreign = new SQLite(join(backupFolder(house.folder), 'foreign.sqlite'));
    foreign.exec('CREATE TABLE sessions (a); CREATE TABLE class_logs (b); PRAGMA user_version = 4');
    foreign.close();
    const contents = fingerprintOf(house.database);
    const answer = await house.ask('POST', '/api/backups/foreign.sqlite/restore');
    expect(answer.status).toBe(422);
    expect((await answer.json()).title).toMatch(/not a backup made by Vesperum/);
    expect((await house.ask('POST', '/api/backups/nothing.sqlite/restore')).status).toBe(404);
    expect((await house.ask('GET', '/api/backups/..%2Fvesperum.sqlite/difference')).status).toBeGreaterThanOrEqual(400);
    expect(fingerprintOf(house.database)).toBe(contents);
    expect(readdirSync(house.folder).filter((name) => name.startsWith('incoming'))).toEqual([]);
  });
});

describe('everything as one archive', () => {
  const take = async () => new Uint8Array(await (await house.ask('GET', '/api/archive')).arrayBuffer());

  test('out and in again into another house it is equal to the letter', async () => {
    await rename('=a name, "quoted"; and\nmore 🌙');
    const movement = await (await house.ask('GET', '/api/movements/cloud-hands')).json();
    await house.ask('PUT', '/api/movements/cloud-hands', {
      basedOn: 'cloud-hands',
      movement: { ...movement, about: 'Clouds, as I teach them.' },
    });
    await house.ask('DELETE', '/api/sessions/evening-week-4');
    const call = movement.parts.cycle[0].call;
    const calls = [{ part: 'cycle', phase: 0, was: call, call: 'As a cloud goes' }];
    const lines = { items: [{ kind: 'rest', id: 'a-rest', seconds: 30 }], blocks: [] };
    const stored = await (await house.ask('GET', '/api/courses/evening-course')).json();
    const course = { ...stored.course, name: 'Evening course, renamed' };
    const aside = { code: 'cool-down-short', movement: '', reason: 'They stay on for tea.' };
    const changes: [method: string, path: string, body: unknown][] = [
      ['PUT', '/api/wording/cloud-hands', { movementId: 'cloud-hands', calls }],
      ['PUT', '/api/passages/kept-one', { id: 'kept-one', name: 'Kept', role: 'main', version: 1, lines }],
      ['PUT', '/api/courses/evening-course', { course, revision: stored.revision }],
      ['PUT', '/api/asides', aside],
      [
        'PUT',
        '/api/people/person-dov',
        { id: 'person-dov', groupId: course.groupId, called: 'Dov M.', since: '2026-01-01', until: null },
      ],
      ['PUT', '/api/logs/evening-week-3-taught/people', { people: ['person-dov'] }],
      ['PUT', '/api/logs/evening-week-2-taught', { attendance: 9, notes: '-not a formula' }],
      ['DELETE', '/api/movements/pushing-waves', undefined],
    ];
    for (const [method, path, body] of changes) {
      const answer = await house.ask(method, path, body);
      expect(`${path} ${answer.ok}`).toBe(`${path} true`);
    }
    const contents = fingerprintOf(house.database);
    const zip = await take();
    const other = openTestHouse();
    try {
      other.database.exec('DELETE FROM class_log_items; DELETE FROM class_logs; DELETE FROM class_bases');
      const said = await other.send('/api/archive/difference', zip);
      expect(Comparison.parse(await said.json()).tables.map(({ table }) => table)).toContain('class_logs');
      expect((await other.send('/api/archive/restore', zip)).status).toBe(200);
      expect(fingerprintOf(other.database)).toBe(contents);
      // What was read before is forgotten: the changed movement is there at once.
      expect((await (await other.ask('GET', '/api/movements/cloud-hands@1')).json()).about).toBe(
        'Clouds, as I teach them.',
      );
    } finally {
      other.close();
    }
  });

  test('it can be read without Vesperum: JSON as what it says, CSV that no spreadsheet takes for formulas', async () => {
    await rename('=SUM(A1)');
    const files = unzipSync(await take());
    const groups = JSON.parse(strFromU8(files['tables/groups.json'] as Uint8Array));
    expect(JSON.stringify(groups)).toContain('"=SUM(A1)"');
    const [session] = JSON.parse(strFromU8(files['tables/sessions.json'] as Uint8Array));
    expect(session.document.sections[0].kind).toBe('opening');
    expect(strFromU8(files['groups.csv'] as Uint8Array)).toContain("'=SUM(A1)");
  });

  test.each([
    ['no zip at all', () => strToU8('not a zip')],
    ['a zip of something else', () => zipSync({ 'photo.json': strToU8('{}') })],
    [
      'a table that is no list',
      (zip: Uint8Array) => zipSync({ ...unzipSync(zip), 'tables/groups.json': strToU8('{"a":1}') }),
    ],
    [
      'a row that does not fit',
      (zip: Uint8Array) => zipSync({ ...unzipSync(zip), 'tables/groups.json': strToU8('[{"id":"x"}]') }),
    ],
    [
      'one from a newer version',
      (zip: Uint8Array) => {
        const files = unzipSync(zip);
        const manifest = JSON.parse(strFromU8(files['vesperum.json'] as Uint8Array));
        return zipSync({ ...files, 'vesperum.json': strToU8(JSON.stringify({ ...manifest, migration: 99 })) });
      },
    ],
  ])('%s is refused with the reason, and nothing is changed', async (_, spoil) => {
    const contents = fingerprintOf(house.database);
    const answer = await house.send('/api/archive/restore', spoil(await take()));
    expect(answer.status).toBe(422);
    expect((await answer.json()).title).toMatch(/Nothing was changed/);
    expect(fingerprintOf(house.database)).toBe(contents);
    expect(readdirSync(house.folder).filter((name) => name.startsWith('incoming'))).toEqual([]);
  });

  /** An archive in which one row is otherwise. */
  const spoiled = async (table: string, change: (rows: Record<string, unknown>[]) => void) => {
    const files = unzipSync(await take());
    const rows = JSON.parse(strFromU8(files[`tables/${table}.json`] as Uint8Array));
    change(rows);
    return zipSync({ ...files, [`tables/${table}.json`]: strToU8(JSON.stringify(rows)) });
  };

  test('a row this version cannot read is said first, comes along word for word once that is agreed to, and stops nothing', async () => {
    const movement = await (await house.ask('GET', '/api/movements/cloud-hands')).json();
    const was = movement.parts.cycle[0].call;
    const calls = [{ part: 'cycle', phase: 0, was, call: 'As a cloud goes' }];
    await house.ask('PUT', '/api/wording/cloud-hands', { movementId: 'cloud-hands', calls });
    const long = 'slowly '.repeat(12);
    const zip = await spoiled('wording', (rows) => {
      Object.assign(rows[0] ?? {}, { call: long });
    });
    const { unread } = Comparison.parse(await (await house.send('/api/archive/difference', zip)).json());
    expect(unread).toMatchObject([{ kind: 'own words', id: 'cloud-hands cycle 0', why: expect.stringMatching(/80/) }]);
    const before = fingerprintOf(house.database);
    const refused = await house.send('/api/archive/restore', zip);
    expect(refused.status).toBe(422);
    expect((await refused.json()).title).toMatch(/One row of it cannot be read.*Nothing was changed/);
    expect(fingerprintOf(house.database)).toBe(before);
    expect((await house.send(`/api/archive/restore?${AGREED}=1`, zip)).status).toBe(200);
    house.reopen();
    expect((await (await house.ask('GET', '/api/unread')).json())[0]).toMatchObject({ kind: 'own words' });
    expect((await (await house.ask('GET', '/api/movements/cloud-hands')).json()).parts.cycle[0].call).toBe(was);
    expect(house.database.prepare('SELECT call FROM wording').pluck().get()).toBe(long);
  });

  test('a row in every table that cannot be read is named, and everything else is there', async () => {
    const documents = ['sessions', 'courses', 'people', 'halls', 'passages'];
    for (const table of documents) {
      const count = Number(house.database.prepare(`SELECT count(*) FROM "${table}"`).pluck().get());
      if (count === 0) continue;
      const zip = await spoiled(table, (rows) => {
        const [row] = rows as { document: object }[];
        if (row) row.document = { ...row.document, name: 5, title: 5, called: 5 };
      });
      const answer = await house.send('/api/archive/difference', zip);
      const said = await answer.json();
      // Where the table itself refuses it, that is said; else it is named.
      expect(`${table} ${answer.status === 422 ? /does not fit/.test(said.title) : said.unread.length}`).toMatch(
        /true|[1-9]/,
      );
    }
  });

  test.each([
    ['brackets within brackets', () => strToU8('['.repeat(400_000))],
    ['nothing but zeros', () => new Uint8Array(40_000_000)],
  ])('a small file that holds %s is refused, and the house answers meanwhile', async (_, table) => {
    const zip = zipSync({ ...unzipSync(await take()), 'tables/groups.json': table() }, { level: 1 });
    expect(zip.length).toBeLessThan(5_000_000);
    const contents = fingerprintOf(house.database);
    let answered = 0;
    const refused = house.send('/api/archive/restore', zip);
    const asking = (async () => {
      while ((await Promise.race([refused.then(() => 'over'), new Promise((soon) => setTimeout(soon, 20))])) !== 'over')
        if ((await house.ask('GET', '/api/groups')).ok) answered += 1;
    })();
    expect((await refused).status).toBe(422);
    await asking;
    expect(answered).toBeGreaterThan(0);
    expect(fingerprintOf(house.database)).toBe(contents);
  });

  test('only an archive is taken there, and only so large', async () => {
    expect((await house.ask('POST', '/api/archive/restore', { a: 1 })).status).toBe(415);
    rmSync(backupFolder(house.folder), { recursive: true, force: true });
    expect((await keeping()).backups).toEqual([]);
  });
});

test('a page that began before data was brought back is refused, says why, and changes nothing; one that began after is not', async () => {
  const began = (await house.ask('GET', '/api/groups')).headers.get(EPOCH_HEADER) ?? '';
  const { made } = (await (await house.ask('POST', '/api/backups')).json()) as { made: { name: string } | null };
  const name = made?.name ?? readdirSync(backupFolder(house.folder))[0];
  house.reopen();
  // Only a start is no reason to be told anything.
  expect((await house.ask('GET', '/api/groups')).headers.get(EPOCH_HEADER)).toBe(began);
  const answer = await house.ask('POST', `/api/backups/${name}/restore`);
  const after = answer.headers.get(EPOCH_HEADER) ?? '';
  expect([answer.status, after === began]).toEqual([200, false]);
  const before = house.contents();
  const [group] = (await (await house.ask('GET', '/api/groups')).json()) as { id: string }[];
  const save = (epoch: string) =>
    house.ask('PUT', `/api/groups/${group?.id}`, { ...group, about: 'from before' }, { [EPOCH_HEADER]: epoch });
  const refused = await save(began);
  expect(refused.status).toBe(409);
  expect(await refused.json()).toMatchObject({ title: expect.stringMatching(/brought back from a backup/) });
  expect(house.contents()).toBe(before);
  expect((await save(after)).status).toBe(200);
});
