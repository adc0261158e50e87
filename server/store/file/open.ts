import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import SQLite, { type Database } from 'better-sqlite3';
import { keepFilePrivate, makePrivateFolder } from './keepPrivate';
import { migrate } from './migrate';
import { emptiedFile, inPlainWords, UnusableDataError } from './plainFault';

/** Where the data lives inside the data folder. */
export const databaseFile = (dataFolder: string): string => join(dataFolder, 'vesperum.sqlite');

function hasBackups(dataFolder: string): boolean {
  const folder = join(dataFolder, 'backups');
  return (
    existsSync(folder) &&
    statSync(folder).isDirectory() &&
    readdirSync(folder).some((name) => /^[^.].*\.sqlite$/.test(name))
  );
}

/** Refuses a database of something else: one with tables that no migration of ours has made. */
function refuseForeign(database: Database, file: string): void {
  const version = Number(database.pragma('user_version', { simple: true }));
  const tables = database.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").pluck().all();
  const isOurs = version === 0 ? tables.length === 0 : tables.includes('sessions') && tables.includes('class_logs');
  if (!isOurs)
    throw new UnusableDataError(
      `${file} holds the data of something else, and was left as it is. Set VESPERUM_DATA to another folder.`,
    );
}

/**
 * Opens the database of a data folder, making it where there is none, and brings it up to date.
 * @param fill puts what it begins with into a new one, in the same transaction as its tables: a start that is cut short leaves nothing
 * @returns the database and whether it was made just now
 * @throws UnusableDataError where the file is damaged, may not be written, or is of something else
 */
export function openDatabase(
  dataFolder: string,
  fill: (database: Database) => void = () => undefined,
): { database: Database; isNew: boolean } {
  const file = databaseFile(dataFolder);
  let database: Database | null = null;
  try {
    makePrivateFolder(dataFolder);
    // One that was made just before a start was cut short has nothing beside it.
    if (existsSync(file) && statSync(file).size === 0 && hasBackups(dataFolder)) throw emptiedFile(file);
    keepFilePrivate(file);
    database = new SQLite(file);
    database.pragma('foreign_keys = ON');
    database.pragma('synchronous = FULL');
    // What is deleted is written over: somebody who is forgotten leaves nothing in the file.
    database.pragma('secure_delete = ON');
    refuseForeign(database, file);
    const isNew = migrate(database, { fill });
    database.pragma('journal_mode = WAL');
    for (const beside of [`${file}-wal`, `${file}-shm`]) if (existsSync(beside)) keepFilePrivate(beside);
    return { database, isNew };
  } catch (error) {
    database?.close();
    throw inPlainWords(error, file);
  }
}
