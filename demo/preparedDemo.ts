import { copyFileSync, mkdirSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { shippedRepertoire } from '../server/shippedRepertoire';
import { databaseFile, openDatabase } from '../server/store/file/open';
import { DEMO_DAY } from './demoDay';
import { loadDemo } from './load';

/** Where the folder with the prepared demo world is told to whoever runs tests. */
const PREPARED = 'VESPERUM_PREPARED';

/**
 * Makes the demo world of the demo day once, for all tests of a run: weaving its courses takes seconds.
 * @returns the folder it is in, a database without a journal
 */
export function prepareDemo(): string {
  const folder = mkdtempSync(join(tmpdir(), 'vesperum-prepared-'));
  const { movements, forms } = shippedRepertoire();
  const { database } = openDatabase(folder, (empty) => loadDemo(empty, movements, forms, DEMO_DAY));
  // The last to close it writes the journal into the file.
  database.close();
  process.env[PREPARED] = folder;
  return folder;
}

export const isDemoPrepared = (): boolean => process.env[PREPARED] !== undefined;

/** Lays a copy of the demo world, as {@link prepareDemo} has made it, into a folder; answers where. */
export function copyOfDemo(folder = mkdtempSync(join(tmpdir(), 'vesperum-'))): string {
  const prepared = process.env[PREPARED];
  if (!prepared) throw new Error('The demo world was not prepared: tests that need it run under Jest, which does.');
  mkdirSync(folder, { recursive: true });
  copyFileSync(databaseFile(prepared), databaseFile(folder));
  return folder;
}
