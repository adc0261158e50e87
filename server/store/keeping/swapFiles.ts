import { closeSync, existsSync, fsyncSync, openSync, readFileSync, renameSync, rmSync, writeSync } from 'node:fs';
import { basename, dirname, join, relative } from 'node:path';
import { z } from 'zod';
import { newEpoch } from '../file/epoch';
import { moveAside } from '../file/journals';
import { keepFilePrivate } from '../file/keepPrivate';
import { databaseFile } from '../file/open';
import { faultCode } from '../file/plainFault';

/** What is being put in the place of what, by names within the data folder: written down before anything is touched. */
const Swap = z.object({
  incoming: z.string().regex(/^incoming-[\w-]+\.sqlite$/),
  kept: z.string().regex(/^(?:backups\/)?before-restore-[\w-]+\.sqlite$/),
});

const journalOf = (dataFolder: string): string => join(dataFolder, 'swap.json');

/** Sees that what was renamed in a folder is on the disk; a system that opens no folders does so by itself. */
function toDisk(folder: string): void {
  try {
    const file = openSync(folder, 'r');
    fsyncSync(file);
    closeSync(file);
  } catch (error) {
    if (!/^(EISDIR|EPERM|EACCES|EINVAL)$/.test(faultCode(error))) throw error;
  }
}

/** Carries out what the journal says, from wherever it stands: each step that is done already has nothing left to do. */
function carryThrough(dataFolder: string, { incoming, kept }: z.infer<typeof Swap>): boolean {
  const [from, target] = [join(dataFolder, incoming), databaseFile(dataFolder)];
  let wasThere = false;
  if (existsSync(from)) {
    wasThere = moveAside(target, join(dataFolder, kept));
    renameSync(from, target);
  }
  for (const folder of [dataFolder, dirname(join(dataFolder, kept))]) toDisk(folder);
  newEpoch(dataFolder);
  rmSync(journalOf(dataFolder), { force: true });
  return wasThere;
}

/**
 * Puts a database that is ready in the place of the one there is, which is kept as a file of its own. Nobody may have either open. It
 * is decided as soon as its journal is on the disk: where it ends in the middle after that, `recoverSwap` carries it through.
 * @param incoming in the data folder
 * @param kept in the data folder or within it: where what was there goes; it must not be there
 * @returns whether there was anything to keep
 */
export function swapFiles(dataFolder: string, incoming: string, kept: string): boolean {
  const swap = { incoming: basename(incoming), kept: relative(dataFolder, kept) };
  const journal = journalOf(dataFolder);
  keepFilePrivate(journal);
  const file = openSync(journal, 'w');
  try {
    writeSync(file, JSON.stringify(swap));
    fsyncSync(file);
  } finally {
    closeSync(file);
  }
  return carryThrough(dataFolder, swap);
}

/** Carries a swap through that was ended in the middle. Before anything is opened. */
export function recoverSwap(dataFolder: string): void {
  const journal = journalOf(dataFolder);
  if (!existsSync(journal)) return;
  const swap = readSwap(journal);
  // One that was not written to its end was not decided: nothing else had been touched.
  if (swap) carryThrough(dataFolder, swap);
  else rmSync(journal, { force: true });
}

function readSwap(journal: string): z.infer<typeof Swap> | null {
  try {
    return Swap.parse(JSON.parse(readFileSync(journal, 'utf8')));
  } catch {
    return null;
  }
}
