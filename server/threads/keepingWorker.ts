import { parentPort } from 'node:worker_threads';
import SQLite, { type Database } from 'better-sqlite3';
import type { KeepingProgress } from '../../core/formats/api/keepingApi';
import { allUnread, storesOf } from '../store/all/stores';
import { layArchive } from '../store/archive/readArchive';
import { writeArchive } from '../store/archive/writeArchive';
import { NewerDatabaseError } from '../store/file/migrate';
import { databaseFile } from '../store/file/open';
import { inPlainWords } from '../store/file/plainFault';
import { withAttached } from '../store/keeping/attached';
import { differenceTo } from '../store/keeping/contents';
import { backUpDay } from '../store/keeping/dailyBackups';
import { layCopy, NoBackupError } from '../store/keeping/examineBackup';
import type { OnProgress } from '../store/keeping/progress';
import { mentionsOf } from '../store/mentions';
import type { Answered, Asked, Underway } from './askThread';
import type { KeepingAnswer, KeepingKind, KeepingOrder, KeepingWork, Staged } from './keepingInThread';

/** A thread of its own for what goes through all of the data: the server answers meanwhile. */

/** Does something with the data of a folder, which the server has open at the same time. */
async function withData<Answer>(dataFolder: string, act: (database: Database) => Answer | Promise<Answer>) {
  const database = new SQLite(databaseFile(dataFolder), { readonly: true, fileMustExist: true });
  try {
    return await act(database);
  } finally {
    database.close();
  }
}

/** What cannot be read of a file; the movements that come along are no part of it. */
async function unreadIn(file: string, onProgress: OnProgress): Promise<Staged['unread']> {
  const database = new SQLite(file, { fileMustExist: true });
  try {
    return await allUnread(storesOf(database, []), onProgress);
  } finally {
    database.close();
  }
}

const WORK: {
  readonly [Kind in KeepingKind]: (
    dataFolder: string,
    order: KeepingWork[Kind]['order'],
    during: (step: KeepingProgress['step']) => OnProgress,
  ) => Promise<KeepingWork[Kind]['answer']>;
} = {
  'back-up': (dataFolder, { today }) => withData(dataFolder, (database) => backUpDay(database, dataFolder, today)),
  archive: (dataFolder, _, during) => withData(dataFolder, (database) => writeArchive(database, during('packing'))),
  mentions: (dataFolder, { name }) => withData(dataFolder, (database) => mentionsOf(database, dataFolder, name)),
  stage: async (dataFolder, { source, copy }, during) => {
    if ('backup' in source) {
      during('copying')(0, 1);
      await layCopy(source.backup, copy);
    } else layArchive(source.archive, copy, during('unpacking'));
    const tables = await withData(dataFolder, (database) =>
      withAttached(database, copy, (of) => differenceTo(database, of, during('comparing'))),
    );
    return { tables, unread: await unreadIn(copy, during('reading')) };
  },
};

async function carryOut<Kind extends KeepingKind>(
  { kind, dataFolder, order }: KeepingOrder<Kind>,
  tell: (progress: KeepingProgress) => void,
): Promise<KeepingAnswer> {
  const during =
    (step: KeepingProgress['step']): OnProgress =>
    (done, of) =>
      tell({ step, share: of > 0 ? done / of : 0 });
  try {
    return { ok: true, value: await WORK[kind](dataFolder, order, during) };
  } catch (error) {
    const isRefused = error instanceof NoBackupError || error instanceof NewerDatabaseError;
    const plain = inPlainWords(error, databaseFile(dataFolder));
    return { ok: false, isRefused, why: plain instanceof Error ? plain.message : String(plain) };
  }
}

let before: Promise<unknown> = Promise.resolve();
parentPort?.on('message', ({ number, order }: Asked<KeepingOrder>) => {
  before = before.then(async () => {
    const answer = await carryOut(order, (progress) =>
      parentPort?.postMessage({ number, progress } satisfies Underway),
    );
    parentPort?.postMessage({ number, answer } satisfies Answered<KeepingAnswer>);
  });
});
