import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { Passage } from '../../core/session/plan/lineSet';
import { atOnce } from './file/atOnce';
import { type LenientReader, readLeniently } from './unread';

export interface PassageStore {
  all(): Passage[];
  /** Keeps a passage under its next version. Answers the one that is there where that is another than the one before. */
  put(passage: Passage, now: string): { readonly kind: 'kept' } | { readonly kind: 'newer'; readonly stored: Passage };
  /** Answers whether there was one. */
  remove(id: string): boolean;
}

const Row = z.object({ id: z.string(), document: z.string(), version: z.number() });

export function passageStore(database: Database, reader: LenientReader = readLeniently()): PassageStore {
  const all = database.prepare('SELECT id, document, version FROM passages ORDER BY id');
  const one = database.prepare('SELECT id, document, version FROM passages WHERE id = ?');
  const put = database.prepare(
    `INSERT INTO passages (id, document, version, changed_at) VALUES (@id, @document, @version, @now)
     ON CONFLICT (id) DO UPDATE SET document = @document, version = @version, changed_at = @now`,
  );
  const remove = database.prepare('DELETE FROM passages WHERE id = ?');
  const read = (row: unknown): Passage | null => {
    const { id, document } = Row.parse(row);
    return reader.read('passage', id, document, (json) => Passage.parse(json));
  };
  return {
    all: () => all.all().flatMap((row) => read(row) ?? []),
    put: atOnce(database, (passage: Passage, now: string) => {
      const row = one.get(passage.id);
      const stored = row === undefined ? null : read(row);
      const { id, version } = passage;
      if (stored && stored.version !== version - 1) return { kind: 'newer' as const, stored };
      put.run({ id, document: JSON.stringify(passage), version, now });
      return { kind: 'kept' as const };
    }),
    remove: (id) => remove.run(id).changes > 0,
  };
}
