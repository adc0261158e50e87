import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import SQLite from 'better-sqlite3';
import { RepertoireError, readRepertoire } from '../repertoire';
import { readSettings } from '../settings';
import { lockFolder } from './file/lockFolder';
import { migrate, NewerDatabaseError } from './file/migrate';
import { databaseFile, openDatabase } from './file/open';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'vesperum-store-'));
});
afterEach(() => rmSync(folder, { recursive: true }));

test('a new data folder gets a database in WAL mode with foreign keys on and full synchronising', () => {
  const { database, isNew } = openDatabase(join(folder, 'deep', 'data'));
  expect(isNew).toBe(true);
  expect(
    ['journal_mode', 'foreign_keys', 'synchronous'].map((name) => database.pragma(name, { simple: true })),
  ).toEqual(['wal', 1, 2]);
  database.close();
  expect(openDatabase(join(folder, 'deep', 'data')).isNew).toBe(false);
});

test('a file from a newer version is refused and not touched', () => {
  const { database } = openDatabase(folder);
  database.pragma('journal_mode = DELETE');
  database.pragma('user_version = 999');
  database.close();
  const before = readFileSync(databaseFile(folder));
  expect(() => openDatabase(folder)).toThrow(NewerDatabaseError);
  expect(readFileSync(databaseFile(folder)).equals(before)).toBe(true);
});

test('a migration that fails leaves the database as it was', () => {
  const migrations = join(folder, 'migrations');
  mkdirSync(migrations);
  writeFileSync(join(migrations, '001-good.sql'), 'CREATE TABLE kept (a TEXT);');
  const database = new SQLite(':memory:');
  migrate(database, { folder: migrations });
  writeFileSync(join(migrations, '002-half.sql'), 'CREATE TABLE half (a TEXT); CREATE TABLE kept (a TEXT);');
  expect(() => migrate(database, { folder: migrations })).toThrow(/kept/);
  expect(database.pragma('user_version', { simple: true })).toBe(1);
  expect(database.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").all()).toEqual([{ name: 'kept' }]);
});

test('a bad movement file is named with its path and the reason', () => {
  writeFileSync(join(folder, 'broken.json'), '{"id": ');
  writeFileSync(join(folder, 'half.json'), '{"id": "half", "names": {"english": []}}');
  const faults = () => {
    try {
      readRepertoire(folder);
      return [];
    } catch (error) {
      return error instanceof RepertoireError ? error.faults : [String(error)];
    }
  };
  expect(faults()[0]).toMatch(/^broken\.json: not JSON:/);
  expect(faults()).toContainEqual(expect.stringMatching(/^half\.json: names\.english: /));
});

test('settings have defaults and a wrong one is named', () => {
  expect(readSettings({})).toMatchObject({ port: 4780, startAt: null });
  expect(readSettings({ VESPERUM_NOW: '2028-02-29T23:55:00' }).startAt).toBe('2028-02-29T23:55:00');
  expect(() => readSettings({ VESPERUM_NOW: 'leap day' })).toThrow(/VESPERUM_NOW/);
  expect(readSettings({ VESPERUM_PORT: '5000', VESPERUM_DATA: '/tmp/x' })).toEqual({
    port: 5000,
    dataFolder: '/tmp/x',
    startAt: null,
  });
  expect(() => readSettings({ VESPERUM_PORT: 'tea' })).toThrow(/VESPERUM_PORT/);
});

test('a first start that is cut short leaves nothing: the next one fills the house', () => {
  expect(() =>
    openDatabase(folder, () => {
      throw new Error('killed');
    }),
  ).toThrow('killed');
  const { database, isNew } = openDatabase(folder, (empty) => {
    empty.prepare("INSERT INTO groups (id, name, place, meets, about) VALUES ('a', 'a', '', '', '')").run();
  });
  expect(isNew).toBe(true);
  expect(database.prepare('SELECT name FROM groups').pluck().all()).toEqual(['a']);
  database.close();
  let again = 0;
  openDatabase(folder, () => {
    again += 1;
  }).database.close();
  expect(again).toBe(0);
});

test('what cannot be opened says in plain words what to do, and stays as it is', () => {
  const file = databaseFile(folder);
  const other = new SQLite(file);
  other.exec('CREATE TABLE recipes (a)');
  other.close();
  expect(() => openDatabase(folder)).toThrow(/holds the data of something else.*VESPERUM_DATA/);
  const nowhere = join(folder, 'a-file');
  writeFileSync(nowhere, '');
  expect(() => openDatabase(nowhere)).toThrow(/cannot be written by this user/);
  expect(() => lockFolder(nowhere)).toThrow(/cannot be written by this user/);
});

test('a second process on the same folder is refused with a sentence, and one after it is not', () => {
  const unlock = lockFolder(folder);
  expect(() => lockFolder(folder)).toThrow(/already running on the data in .*VESPERUM_DATA/);
  unlock();
  lockFolder(folder)();
});
