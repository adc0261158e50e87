import { cpSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import SQLite from 'better-sqlite3';
import { lockFolder } from '../file/lockFolder';
import { databaseFile, openDatabase } from '../file/open';
import { backUp } from './backUp';
import { restoreFrom } from './restoreFrom';

let folder: string;
const backup = () => join(folder, 'kept.sqlite');
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'vesperum-keep-'));
});
afterEach(() => rmSync(folder, { recursive: true }));

const names = () => {
  const database = new SQLite(databaseFile(folder), { readonly: true });
  const rows = database.prepare('SELECT name FROM groups ORDER BY name').all();
  database.close();
  return rows.map((row) => (row as { name: string }).name);
};
const addGroup = (name: string) => {
  const { database } = openDatabase(folder);
  database.prepare("INSERT INTO groups (id, name, place, meets, about) VALUES (?, ?, '', '', '')").run(name, name);
  database.close();
};

test('a backup brings back what was there when it was made, and keeps what it replaces', async () => {
  addGroup('first');
  await backUp(folder, backup());
  addGroup('second');
  const kept = await restoreFrom(folder, backup(), 'now');
  expect(names()).toEqual(['first']);
  await restoreFrom(folder, kept ?? '', 'later');
  expect(names()).toEqual(['first', 'second']);
});

test('a backup never replaces another, and nothing makes none', async () => {
  await expect(backUp(folder, backup())).rejects.toThrow(/no data/);
  addGroup('first');
  await backUp(folder, backup());
  await expect(backUp(folder, backup())).rejects.toThrow(/already there/);
});

test.each([
  [
    'a file that is no database',
    (file: string) => writeFileSync(file, 'not a database at all, but long enough to be read'),
  ],
  ['a database of something else', (file: string) => void new SQLite(file).exec('CREATE TABLE other (a)').close()],
])('%s is refused and nothing is changed', async (_name, make) => {
  addGroup('first');
  make(backup());
  await expect(restoreFrom(folder, backup(), 'now')).rejects.toThrow(/not a backup made by Vesperum/);
  expect(names()).toEqual(['first']);
  expect(readdirSync(folder).filter((file) => file.startsWith('before'))).toEqual([]);
});

test('a backup from a newer version is refused by its number', async () => {
  addGroup('first');
  await backUp(folder, backup());
  const newer = new SQLite(backup());
  newer.pragma('user_version = 77');
  newer.close();
  await expect(restoreFrom(folder, backup(), 'now')).rejects.toThrow(/77/);
});

test('a file that was emptied is told from one that is new: where there are backups nothing is begun over it', () => {
  const { database } = openDatabase(folder);
  database.close();
  writeFileSync(databaseFile(folder), '');
  // Nothing is beside it: a first start that was cut short.
  openDatabase(folder).database.close();
  writeFileSync(databaseFile(folder), '');
  mkdirSync(join(folder, 'backups'));
  writeFileSync(join(folder, 'backups', '2026-12-01.sqlite'), 'a backup');
  expect(() => openDatabase(folder)).toThrow(/is empty \(0 bytes\).*npm run restore.*delete the empty file/);
  expect(readFileSync(databaseFile(folder), 'utf8')).toBe('');
});

test('a backup is brought back over a damaged file, which is put aside as it is', async () => {
  addGroup('first');
  await backUp(folder, backup());
  writeFileSync(databaseFile(folder), 'no longer a database, though it was one');
  expect(() => openDatabase(folder)).toThrow(/damaged and was left as it is.*npm run restore/);
  const kept = await restoreFrom(folder, backup(), 'now');
  expect(names()).toEqual(['first']);
  expect(readFileSync(kept ?? '', 'utf8')).toBe('no longer a database, though it was one');
});

test('a journal that was left by a crash goes aside with its file, and does not come over what is restored', async () => {
  addGroup('first');
  await backUp(folder, backup());
  const { database } = openDatabase(folder);
  database.pragma('wal_autocheckpoint = 0');
  database.prepare("INSERT INTO groups (id, name, place, meets, about) VALUES ('x', 'x', '', '', '')").run();
  // The files as a killed process leaves them: the journal still beside.
  const crashed = join(folder, 'crashed');
  mkdirSync(crashed);
  for (const end of ['', '-wal', '-shm']) cpSync(databaseFile(folder) + end, databaseFile(crashed) + end);
  database.close();
  const kept = await restoreFrom(crashed, backup(), 'now');
  const restored = new SQLite(databaseFile(crashed), { readonly: true });
  expect(restored.prepare('SELECT name FROM groups').pluck().all()).toEqual(['first']);
  restored.close();
  const before = new SQLite(kept ?? '');
  expect(before.prepare('SELECT name FROM groups ORDER BY name').pluck().all()).toEqual(['first', 'x']);
  before.close();
});

test('a database of something else with tables of the same names is no backup', async () => {
  addGroup('first');
  const other = new SQLite(backup());
  other.exec('CREATE TABLE sessions (a); CREATE TABLE class_logs (b)');
  other.pragma('user_version = 3');
  other.close();
  await expect(restoreFrom(folder, backup(), 'now')).rejects.toThrow(/not a backup made by Vesperum/);
  expect(names()).toEqual(['first']);
  expect(readdirSync(folder).filter((file) => /^(before|incoming)/.test(file))).toEqual([]);
});

test('nothing is restored while Vesperum runs on the folder', async () => {
  addGroup('first');
  await backUp(folder, backup());
  const unlock = lockFolder(folder);
  await expect(restoreFrom(folder, backup(), 'now')).rejects.toThrow(/already running/);
  unlock();
  await restoreFrom(folder, backup(), 'later');
  expect(names()).toEqual(['first']);
});

test('only its owner may look into the folder, and read what lies in it', async () => {
  const own = join(folder, 'own');
  mkdirSync(own, { mode: 0o755 });
  const { database } = openDatabase(own);
  await backUp(own, join(own, 'backup.sqlite'));
  lockFolder(own)();
  const modes = ['', 'vesperum.sqlite', 'vesperum.sqlite-wal', 'backup.sqlite', 'vesperum.lock'].map((name) =>
    (statSync(join(own, name)).mode & 0o777).toString(8),
  );
  expect(modes).toEqual(['700', '600', '600', '600', '600']);
  database.close();
});
