import { existsSync } from 'node:fs';
import SQLite, { type Database } from 'better-sqlite3';
import { removeFile } from '../file/journals';
import { keepFilePrivate } from '../file/keepPrivate';
import { migrate, NewerDatabaseError } from '../file/migrate';
import { fingerprintOf, tablesOf } from './contents';

/** A file that cannot be brought back; the message says why. Nothing was changed. */
export class NoBackupError extends Error {}

/** The tables of a database with their columns, as one text. */
const shapeOf = (database: Database): string =>
  JSON.stringify(tablesOf(database).map(({ name, columns }) => [name, columns.toSorted()]));

/** Whether a database has exactly the tables and columns that ours has. */
function isShapedLikeOurs(database: Database): boolean {
  const empty = new SQLite(':memory:');
  try {
    migrate(empty);
    return shapeOf(empty) === shapeOf(database);
  } finally {
    empty.close();
  }
}

/**
 * Lays a copy of a backup beside the data, brought up to date and read through, so that putting it in its place cannot fail half way.
 * @param copy where the copy goes; it must not be there
 * @throws NoBackupError or NewerDatabaseError, having left nothing
 */
export async function layCopy(file: string, copy: string): Promise<void> {
  if (!existsSync(file)) throw new NoBackupError(`There is no file ${file}.`);
  let source: Database | null = null;
  let laid: Database | null = null;
  try {
    source = new SQLite(file, { readonly: true, fileMustExist: true });
    if (source.pragma('integrity_check', { simple: true }) !== 'ok') throw new Error('damaged');
    if (Number(source.pragma('user_version', { simple: true })) === 0) throw new Error('none of ours');
    keepFilePrivate(copy);
    await source.backup(copy);
    laid = new SQLite(copy);
    laid.pragma('journal_mode = DELETE');
    migrate(laid);
    if (!isShapedLikeOurs(laid)) throw new Error('another shape');
    // Every row is read once: a page that is damaged is found here, not in the middle of a class.
    fingerprintOf(laid);
    laid.close();
  } catch (error) {
    laid?.close();
    removeFile(copy);
    if (error instanceof NewerDatabaseError) throw error;
    throw new NoBackupError(`${file} is not a backup made by Vesperum, or it is damaged. Nothing was changed.`);
  } finally {
    source?.close();
  }
}
