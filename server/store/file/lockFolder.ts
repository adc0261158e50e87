import { join } from 'node:path';
import SQLite, { type Database } from 'better-sqlite3';
import { keepFilePrivate, makePrivateFolder } from './keepPrivate';
import { faultCode, inPlainWords } from './plainFault';

/** Another Vesperum has this folder open. */
export class FolderLockedError extends Error {
  constructor(dataFolder: string) {
    super(
      `Vesperum is already running on the data in ${dataFolder}. Use the one that runs, or stop it first; ` +
        'for a second one set VESPERUM_DATA to another folder.',
    );
  }
}

/**
 * Takes a data folder for one process. The lock is the operating system's: it ends with the process, however that ends.
 * @returns gives the folder free again
 * @throws FolderLockedError where another process has it
 */
export function lockFolder(dataFolder: string): () => void {
  const file = join(dataFolder, 'vesperum.lock');
  let lock: Database | null = null;
  try {
    makePrivateFolder(dataFolder);
    keepFilePrivate(file);
    lock = new SQLite(file, { timeout: 0 });
    lock.pragma('journal_mode = MEMORY');
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    lock?.close();
    if (faultCode(error).startsWith('SQLITE_BUSY')) throw new FolderLockedError(dataFolder);
    throw inPlainWords(error, file);
  }
  const held = lock;
  return () => held.close();
}
