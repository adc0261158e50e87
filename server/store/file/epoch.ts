import { randomUUID } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { keepFilePrivate } from './keepPrivate';

const fileIn = (dataFolder: string): string => join(dataFolder, 'epoch');

/** Begins a new epoch of a folder's data: other data has taken its place. */
export function newEpoch(dataFolder: string): string {
  const file = fileIn(dataFolder);
  keepFilePrivate(file);
  const epoch = randomUUID();
  writeFileSync(file, epoch);
  return epoch;
}

/** Which epoch a folder's data is of: the same over restarts, another once other data was brought back. */
export function epochOf(dataFolder: string): string {
  try {
    return readFileSync(fileIn(dataFolder), 'utf8').trim() || newEpoch(dataFolder);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
    return newEpoch(dataFolder);
  }
}
