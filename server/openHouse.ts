import type { OpenAPIHono } from '@hono/zod-openapi';
import type { Database } from 'better-sqlite3';
import { createApp, type House } from './app';
import { deviceHub } from './devices/hub';
import { openDatabase } from './store/file/open';
import { gatherKept, sweepHalfFiles } from './store/keeping/halfFiles';
import { inTurn } from './store/keeping/inTurn';
import { recoverSwap, swapFiles } from './store/keeping/swapFiles';
import { backupKeeper } from './threads/backupKeeper';
import { type KeepingThread, keepingBeside } from './threads/keepingInThread';
import { openFigures } from './workedOut/figureStore';

/** A data folder that is open, with the application over it; both are others once other data was brought back. */
export interface OpenHouse {
  readonly app: OpenAPIHono;
  readonly database: Database;
  /** Backs up what has changed; where that fails it is told by the application, and nobody else need do anything. */
  backUp(): Promise<void>;
  /** Opens the application again on the same data. */
  reopen(): void;
  close(): Promise<void>;
}

type Kept = Omit<House, 'database' | 'hub' | 'keeping' | 'figures' | 'onRecorded'> & {
  /** The version of everything that works figures out, as far as they are kept; null where they are not. */
  readonly version: string | null;
};

/**
 * Opens a data folder that nobody else has: carries through what was ended in the middle, brings the data up to date, and lays the
 * application over it.
 * @param fill puts what it begins with into new data
 * @param given a thread that several houses have in common, which is not ended with one of them
 * @throws UnusableDataError where the data cannot be opened
 */
export function openHouse(
  dataFolder: string,
  { version, ...about }: Kept,
  fill?: (empty: Database) => void,
  given?: KeepingThread,
): OpenHouse {
  recoverSwap(dataFolder);
  sweepHalfFiles(dataFolder);
  gatherKept(dataFolder);
  let { database } = openDatabase(dataFolder, fill);
  const hub = deviceHub();
  const figures = openFigures(dataFolder, version);
  const thread = given ?? keepingBeside();
  let isClosing = false;
  const backups = backupKeeper(dataFolder, thread, figures);
  const backUp = () =>
    backups.make().then(
      () => undefined,
      (error: unknown) => {
        // One that is ended with the house is made at its next start.
        if (!isClosing) console.error(`The backup of today could not be made: ${error}`);
      },
    );
  const open = () =>
    createApp({
      ...about,
      hub,
      database,
      figures,
      keeping: { dataFolder, thread, backups, swapIn },
      onRecorded: () => void backUp(),
    });
  /** Nobody is answered while the files change places; what was read of the old data is forgotten with the application that read it. */
  function swapIn(incoming: string, kept: string): void {
    database.close();
    try {
      swapFiles(dataFolder, incoming, kept);
    } finally {
      ({ database } = openDatabase(dataFolder));
      app = open();
    }
  }
  let app = open();
  return {
    get app() {
      return app;
    },
    get database() {
      return database;
    },
    backUp,
    reopen: () => {
      app = open();
    },
    close: async () => {
      isClosing = true;
      // Whatever goes through the data ends first.
      if (!given) await thread.end();
      await inTurn(dataFolder, () => Promise.resolve());
      backups.whileClosing(() => database.close());
      figures.close();
    },
  };
}
