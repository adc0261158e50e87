import { copyFileSync, existsSync, mkdirSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { shippedRepertoire } from '../server/shippedRepertoire';
import { databaseFile, openDatabase } from '../server/store/file/open';
import { figuresFile } from '../server/workedOut/figureStore';
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

/** The folder of the demo world as it was prepared, with what a server has worked out of it where one has run there. */
export function preparedFolder(): string {
  const prepared = process.env[PREPARED];
  if (!prepared) throw new Error('The demo world was not prepared: tests that need it run under Jest, which does.');
  return prepared;
}

/** Lays a copy of the demo world, as {@link prepareDemo} has made it, into a folder; answers where. */
export function copyOfDemo(folder = mkdtempSync(join(tmpdir(), 'vesperum-'))): string {
  const prepared = preparedFolder();
  mkdirSync(folder, { recursive: true });
  for (const fileOf of [databaseFile, figuresFile])
    if (existsSync(fileOf(prepared))) copyFileSync(fileOf(prepared), fileOf(folder));
  return folder;
}
