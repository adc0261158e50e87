import { randomUUID } from 'node:crypto';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { moveAside, removeFile } from '../file/journals';
import { makePrivateFolder } from '../file/keepPrivate';
import { backupFolder } from './backupFolder';

/** What a file is called while it is being made. One that is still there at a start is of no use. */
const HALF = /^\.?(?:incoming|raw|checked)-[\w-]+\.sqlite(?:-wal|-shm|-journal)?$/;

/** A file in the data folder for data that is to be brought back, under a name nothing else has. */
export const incomingFile = (dataFolder: string): string => join(dataFolder, `incoming-${randomUUID()}.sqlite`);

/** A file among the backups for one that is being made, hidden, under a name nothing else has. */
export const halfBackup = (dataFolder: string, stage: 'raw' | 'checked'): string =>
  join(backupFolder(dataFolder), `.${stage}-${randomUUID()}.sqlite`);

/** What an earlier version put aside beside the data goes among the backups: there it is shown, and can be deleted. */
export function gatherKept(dataFolder: string): void {
  if (!existsSync(dataFolder)) return;
  for (const name of readdirSync(dataFolder)) {
    if (!/^before-restore-[\w-]+\.sqlite$/.test(name)) continue;
    makePrivateFolder(backupFolder(dataFolder));
    moveAside(join(dataFolder, name), join(backupFolder(dataFolder), name));
  }
}

/** Deletes what was half made when something ended in the middle. The caller has the folder to itself. */
export function sweepHalfFiles(dataFolder: string): void {
  for (const folder of [dataFolder, backupFolder(dataFolder)]) {
    if (!existsSync(folder) || !statSync(folder).isDirectory()) continue;
    for (const name of readdirSync(folder)) if (HALF.test(name)) removeFile(join(folder, name));
  }
}
