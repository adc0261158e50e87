import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { Hall } from '../../core/hall/hall';
import { type LenientReader, readLeniently } from './unread';

export interface HallStore {
  /** By name. */
  all(): Hall[];
  find(id: string): Hall | null;
  /** Adds a hall, or changes it. */
  put(hall: Hall): void;
  /** Takes a hall away; the groups that meet there then have none. Answers whether there was one. */
  remove(id: string): boolean;
}

const Row = z.object({ id: z.string(), document: z.string() });

export function hallStore(database: Database, reader: LenientReader = readLeniently()): HallStore {
  const all = database.prepare('SELECT id, document FROM halls ORDER BY name COLLATE NOCASE, id');
  const one = database.prepare('SELECT id, document FROM halls WHERE id = ?');
  const put = database.prepare(
    'INSERT INTO halls (id, document) VALUES (?, ?) ON CONFLICT (id) DO UPDATE SET document = excluded.document',
  );
  const remove = database.prepare('DELETE FROM halls WHERE id = ?');
  const read = (row: unknown): Hall | null => {
    const { id, document } = Row.parse(row);
    return reader.read('hall', id, document, (json) => Hall.parse(json));
  };
  return {
    all: () => all.all().flatMap((row) => read(row) ?? []),
    find: (id) => {
      const row = one.get(id);
      return row === undefined ? null : read(row);
    },
    put: (hall) => void put.run(hall.id, JSON.stringify(hall)),
    remove: (id) => remove.run(id).changes > 0,
  };
}
