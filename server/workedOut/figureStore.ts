import { join } from 'node:path';
import SQLite, { type Database } from 'better-sqlite3';
import { z } from 'zod';
import { removeFile } from '../store/file/journals';
import { keepFilePrivate } from '../store/file/keepPrivate';

/**
 * What was worked out of what is stored, beside the data. It can be thrown away at any time: it is worked out again. Nothing that
 * anybody wrote belongs in it.
 */
export interface FigureStore {
  /** What was worked out of the same content under a name; undefined where that is not known. */
  find(kind: string, id: string, content: string): unknown;
  /** Keeps what was worked out, in place of what was worked out of other content. */
  keep(kind: string, id: string, content: string, figure: unknown): void;
  close(): void;
}

const Row = z.object({ content: z.string(), figure: z.string() });
/** Where it lies in a data folder. */
export const figuresFile = (dataFolder: string): string => join(dataFolder, 'worked-out.sqlite');

/** Opens the file for one version; what another version worked out goes. */
function openFor(file: string, version: string): Database {
  if (file !== ':memory:') keepFilePrivate(file);
  const database = new SQLite(file);
  // A process that is killed, or a power cut, leaves it whole; what was written last may be lost, and is worked out again.
  database.pragma('journal_mode = WAL');
  database.pragma('synchronous = NORMAL');
  database.exec(`
    CREATE TABLE IF NOT EXISTS version (version TEXT PRIMARY KEY);
    CREATE TABLE IF NOT EXISTS figures (kind TEXT, id TEXT, content TEXT, figure TEXT, PRIMARY KEY (kind, id)) WITHOUT ROWID;`);
  if (database.prepare('SELECT 1 FROM version WHERE version = ?').get(version) === undefined) {
    database.exec('DELETE FROM figures; DELETE FROM version;');
    database.prepare('INSERT INTO version VALUES (?)').run(version);
  }
  return database;
}

/** A file that is damaged, or that cannot be made, is no reason to stop: everything is worked out again, and kept in memory. */
function openSomewhere(file: string, version: string): Database {
  try {
    return openFor(file, version);
  } catch {
    removeFile(file);
  }
  try {
    return openFor(file, version);
  } catch {
    return openFor(':memory:', version);
  }
}

/**
 * @param folder of the data; null keeps nothing beyond this process
 * @param version of everything that works figures out: those of another version are not taken; null for one that keeps changing
 */
export function openFigures(folder: string | null, version: string | null): FigureStore {
  const isKept = folder !== null && version !== null;
  const database = openSomewhere(isKept ? figuresFile(folder) : ':memory:', version ?? '');
  const one = database.prepare('SELECT content, figure FROM figures WHERE kind = ? AND id = ?');
  const put = database.prepare('INSERT OR REPLACE INTO figures VALUES (?, ?, ?, ?)');
  const orNothing = <Answer>(act: () => Answer): Answer | undefined => {
    try {
      return act();
    } catch {
      // A disk that is full, or a file that was spoiled meanwhile: it is worked out again.
      return undefined;
    }
  };
  return {
    find: (kind, id, content) =>
      orNothing(() => {
        const row = Row.safeParse(one.get(kind, id)).data;
        return row?.content === content ? (JSON.parse(row.figure) as unknown) : undefined;
      }),
    keep: (kind, id, content, figure) => void orNothing(() => put.run(kind, id, content, JSON.stringify(figure))),
    close: () => void database.close(),
  };
}
