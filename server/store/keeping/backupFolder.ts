import { join } from 'node:path';

/** Where the backups of a data folder are. */
export const backupFolder = (dataFolder: string): string => join(dataFolder, 'backups');
