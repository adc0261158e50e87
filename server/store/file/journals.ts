import { existsSync, renameSync, rmSync } from 'node:fs';

/** A database, and what SQLite keeps beside it while it is open, or after it was not closed. */
const BESIDE = ['', '-wal', '-shm', '-journal'];

/** Renames a database with its journals, whatever state it is in; answers whether there was one. */
export function moveAside(from: string, to: string): boolean {
  const there = BESIDE.filter((end) => existsSync(from + end));
  for (const end of there) renameSync(from + end, to + end);
  return there.length > 0;
}

/** Takes a database away with its journals, where there is one. */
export function removeFile(file: string): void {
  for (const end of BESIDE) rmSync(file + end, { force: true });
}
