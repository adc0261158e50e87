import { chmodSync, closeSync, existsSync, mkdirSync, openSync } from 'node:fs';

/** Only its owner may look into the folder, and read its files. */
const OWN_FOLDER = 0o700;
const OWN_FILE = 0o600;

/** A mode that cannot be set, on a file system without owners, is no reason not to start. */
function setMode(path: string, mode: number): void {
  try {
    chmodSync(path, mode);
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    if (code !== 'EPERM' && code !== 'ENOTSUP' && code !== 'EROFS') throw error;
  }
}

/** Makes a folder that only its owner may look into, or makes it so. */
export function makePrivateFolder(folder: string): void {
  mkdirSync(folder, { recursive: true, mode: OWN_FOLDER });
  setMode(folder, OWN_FOLDER);
}

/** Makes a file that only its owner may read, or makes it so; what stands in it stays. */
export function keepFilePrivate(file: string): void {
  if (!existsSync(file)) closeSync(openSync(file, 'a', OWN_FILE));
  setMode(file, OWN_FILE);
}
