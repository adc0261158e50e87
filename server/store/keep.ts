import { existsSync } from 'node:fs';
import { join } from 'node:path';
import SQLite from 'better-sqlite3';
import { NewerDatabaseError, newestMigration } from './migrate';
import { databaseFile } from './open';

/** Copies the data of a folder into one file, also while Vesperum runs. */
export async function backUp(dataFolder: string, file: string): Promise<void> {
  const source = databaseFile(dataFolder);
  if (!existsSync(source)) throw new Error(`There is no data in ${dataFolder} to back up.`);
  if (existsSync(file)) throw new Error(`${file} is already there. Choose another name, so that no backup is lost.`);
  const database = new SQLite(source, { readonly: true });
  try {
    await database.backup(file);
  } finally {
    database.close();
  }
}

/** Refuses a file that is not a whole Vesperum database of a version this one knows. */
function examine(file: string): void {
  if (!existsSync(file)) throw new Error(`There is no file ${file}.`);
  const database = new SQLite(file, { readonly: true });
  try {
    const sound = database.pragma('integrity_check', { simple: true }) === 'ok';
    const own = database
      .prepare("SELECT count(*) AS n FROM sqlite_master WHERE name IN ('sessions', 'class_logs')")
      .get();
    if (!sound || (own as { n: number }).n !== 2) throw new Error('not ours');
    const version = Number(database.pragma('user_version', { simple: true }));
    if (version > newestMigration()) throw new NewerDatabaseError(version, newestMigration());
  } catch (error) {
    if (error instanceof NewerDatabaseError) throw error;
    throw new Error(`${file} is not a backup made by Vesperum, or it is damaged. Nothing was changed.`);
  } finally {
    database.close();
  }
}

/**
 * Puts a backup in the place of a folder's data. What was there is kept beside it first.
 * @param stamp names the copy that is kept, such as 20261124-190000
 * @returns the file that holds what was there before, or null where there was nothing
 */
export async function restoreFrom(dataFolder: string, file: string, stamp: string): Promise<string | null> {
  examine(file);
  const target = databaseFile(dataFolder);
  let kept: string | null = null;
  if (existsSync(target)) {
    kept = join(dataFolder, `before-restore-${stamp}.sqlite`);
    await backUp(dataFolder, kept);
  }
  const source = new SQLite(file, { readonly: true });
  try {
    await source.backup(target);
  } finally {
    source.close();
  }
  return kept;
}
