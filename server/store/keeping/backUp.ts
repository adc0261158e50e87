import { existsSync } from 'node:fs';
import SQLite from 'better-sqlite3';
import { keepFilePrivate } from '../file/keepPrivate';
import { databaseFile } from '../file/open';

/** Copies the data of a folder into one file, also while Vesperum runs. */
export async function backUp(dataFolder: string, file: string): Promise<void> {
  const source = databaseFile(dataFolder);
  if (!existsSync(source)) throw new Error(`There is no data in ${dataFolder} to back up.`);
  if (existsSync(file)) throw new Error(`${file} is already there. Choose another name, so that no backup is lost.`);
  const database = new SQLite(source, { readonly: true });
  try {
    keepFilePrivate(file);
    await database.backup(file);
  } finally {
    database.close();
  }
}
