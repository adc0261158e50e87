import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { Passage } from '../../core/session/plan/lineSet';

export interface PassageStore {
  all(): Passage[];
  /** Keeps a passage under its next version. Answers the one that is there where that is another than the one before. */
  put(passage: Passage, now: string): { readonly kind: 'kept' } | { readonly kind: 'newer'; readonly stored: Passage };
  /** Answers whether there was one. */
  remove(id: string): boolean;
}

const Row = z.object({ document: z.string() }).transform(({ document }) => Passage.parse(JSON.parse(document)));

export function passageStore(database: Database): PassageStore {
  const all = database.prepare('SELECT document FROM passages ORDER BY id');
  const one = database.prepare('SELECT document FROM passages WHERE id = ?');
  const put = database.prepare(
    `INSERT INTO passages (id, document, version, changed_at) VALUES (@id, @document, @version, @now)
     ON CONFLICT (id) DO UPDATE SET document = @document, version = @version, changed_at = @now`,
  );
  const remove = database.prepare('DELETE FROM passages WHERE id = ?');
  return {
    all: () => all.all().map((row) => Row.parse(row)),
    put: database.transaction((passage: Passage, now: string) => {
      const row = one.get(passage.id);
      const stored = row === undefined ? null : Row.parse(row);
      const { id, version } = passage;
      if (stored && stored.version !== version - 1) return { kind: 'newer' as const, stored };
      put.run({ id, document: JSON.stringify(passage), version, now });
      return { kind: 'kept' as const };
    }),
    remove: (id) => remove.run(id).changes > 0,
  };
}
