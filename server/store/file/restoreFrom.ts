import { renameSync } from 'node:fs';
import { join } from 'node:path';
import { newEpoch } from './epoch';
import { layCopy } from './examineBackup';
import { moveAside } from './journals';
import { lockFolder } from './lockFolder';
import { databaseFile } from './open';

/**
 * Puts a backup in the place of a folder's data, also where that is damaged. What was there is put aside first, as it is.
 * @param stamp names what is put aside, such as 20261124-190000
 * @returns the file that holds what was there before, or null where there was nothing
 * @throws FolderLockedError while Vesperum runs on the folder; NoBackupError or NewerDatabaseError for a file that is none
 */
export async function restoreFrom(dataFolder: string, file: string, stamp: string): Promise<string | null> {
  const unlock = lockFolder(dataFolder);
  try {
    const target = databaseFile(dataFolder);
    const incoming = join(dataFolder, `incoming-${stamp}.sqlite`);
    await layCopy(file, incoming);
    const kept = join(dataFolder, `before-restore-${stamp}.sqlite`);
    const wasThere = moveAside(target, kept);
    renameSync(incoming, target);
    newEpoch(dataFolder);
    return wasThere ? kept : null;
  } finally {
    unlock();
  }
}
