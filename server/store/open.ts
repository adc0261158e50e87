import { existsSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import SQLite, { type Database } from 'better-sqlite3';
import { migrate } from './migrate';

/** Where the data lives inside the data folder. */
export const databaseFile = (dataFolder: string): string => join(dataFolder, 'vesperum.sqlite');

/**
 * Opens the database of a data folder, making it where there is none, and brings it up to date.
 * @returns the database and whether it was made just now
 */
export function openDatabase(dataFolder: string): { database: Database; isNew: boolean } {
  mkdirSync(dataFolder, { recursive: true });
  const file = databaseFile(dataFolder);
  const isNew = !existsSync(file);
  const database = new SQLite(file);
  try {
    database.pragma('foreign_keys = ON');
    database.pragma('synchronous = FULL');
    migrate(database);
    database.pragma('journal_mode = WAL');
    return { database, isNew };
  } catch (error) {
    database.close();
    throw error;
  }
}
