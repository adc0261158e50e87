import { statSync } from 'node:fs';
import { databaseFile } from '../file/open';

/** When and how far each file of a folder's data was written: whatever is written to it changes this. */
export function writtenState(dataFolder: string): string {
  const file = databaseFile(dataFolder);
  return (
    [file, `${file}-wal`]
      .map((one) => statSync(one, { bigint: true, throwIfNoEntry: false }))
      // A journal with nothing in it is made at each start.
      .map((found) => (found && found.size > 0n ? `${found.ino} ${found.size} ${found.mtimeNs}` : '-'))
      .join(', ')
  );
}
