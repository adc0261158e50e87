import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { Felt } from '../../../core/record/felt';
import { atOnce } from '../file/atOnce';
import { type LenientReader, readLeniently } from '../unread';

export interface FeltStore {
  /** What was felt in all classes, with the record of each. */
  all(): (Felt & { readonly logId: string })[];
  /** Puts what was felt in a class in place of what was written before. Answers false where there is no such record. */
  put(logId: string, felt: readonly Felt[]): boolean;
}

const Row = z.object({ log_id: z.string(), id: z.string(), document: z.string() });

export function feltStore(database: Database, reader: LenientReader = readLeniently()): FeltStore {
  const every = database.prepare('SELECT log_id, id, document FROM felt ORDER BY log_id, rowid');
  const log = database.prepare('SELECT 1 FROM class_logs WHERE id = ?');
  const clear = database.prepare('DELETE FROM felt WHERE log_id = ?');
  const add = database.prepare('INSERT INTO felt (log_id, id, document) VALUES (?, ?, ?)');
  return {
    all: () =>
      every.all().flatMap((row) => {
        const { log_id: logId, id, document } = Row.parse(row);
        const felt = reader.read('record', `${logId} ${id}`, document, (json) => Felt.parse(json));
        return felt ? { ...felt, logId } : [];
      }),
    put: atOnce(database, (logId: string, felt: readonly Felt[]) => {
      if (log.get(logId) === undefined) return false;
      clear.run(logId);
      for (const one of felt) add.run(logId, one.id, JSON.stringify(one));
      return true;
    }),
  };
}
