import { join } from 'node:path';
import { makePrivateFolder } from '../file/keepPrivate';
import { lockFolder } from '../file/lockFolder';
import { backupFolder } from './backupFolder';
import { layCopy } from './examineBackup';
import { incomingFile } from './halfFiles';
import { recoverSwap, swapFiles } from './swapFiles';

/**
 * Puts a backup in the place of a folder's data, also where that is damaged. What was there is put aside first, as it is.
 * @param stamp names what is put aside, such as 20261124-190000
 * @returns the file that holds what was there before, or null where there was nothing
 * @throws FolderLockedError while Vesperum runs on the folder; NoBackupError or NewerDatabaseError for a file that is none
 */
export async function restoreFrom(dataFolder: string, file: string, stamp: string): Promise<string | null> {
  const unlock = lockFolder(dataFolder);
  try {
    recoverSwap(dataFolder);
    const incoming = incomingFile(dataFolder);
    await layCopy(file, incoming);
    makePrivateFolder(backupFolder(dataFolder));
    const kept = join(backupFolder(dataFolder), `before-restore-${stamp}.sqlite`);
    return swapFiles(dataFolder, incoming, kept) ? kept : null;
  } finally {
    unlock();
  }
}
