import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import SQLite from 'better-sqlite3';
import { backUp, restoreFrom } from './keep';
import { databaseFile, openDatabase } from './open';

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
