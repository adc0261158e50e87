import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { OwnPractice, type TallyAct, tallyAfter } from '../../../core/practice/ownPractice';
import { atOnce } from '../file/atOnce';
import { type LenientReader, readLeniently } from '../unread';

export interface OwnPracticeStore {
  all(): OwnPractice[];
  /** Adds a practice, or changes what it is called and what a day is meant to bring; its tally stays as it is kept. */
  put(practice: OwnPractice): void;
  /** Does something to a tally. Answers false where there is no such practice. */
  act(id: string, act: TallyAct): boolean;
  /** Answers whether there was one. */
  remove(id: string): boolean;
}

const Row = z.object({ id: z.string(), document: z.string() });

export function ownPracticeStore(database: Database, reader: LenientReader = readLeniently()): OwnPracticeStore {
  const all = database.prepare('SELECT id, document FROM own_practice ORDER BY rowid');
  const one = database.prepare('SELECT id, document FROM own_practice WHERE id = ?');
  const put = database.prepare(
    'INSERT INTO own_practice (id, document) VALUES (?, ?) ON CONFLICT (id) DO UPDATE SET document = excluded.document',
  );
  const remove = database.prepare('DELETE FROM own_practice WHERE id = ?');
  const read = (row: unknown): OwnPractice | null => {
    if (row === undefined) return null;
    const { id, document } = Row.parse(row);
    return reader.read('practice', id, document, (json) => OwnPractice.parse(json));
  };
  const keep = (practice: OwnPractice) => void put.run(practice.id, JSON.stringify(practice));
  return {
    all: () => all.all().flatMap((row) => read(row) ?? []),
    put: atOnce(database, (practice: OwnPractice) => {
      const there = read(one.get(practice.id));
      keep(there ? { ...practice, tally: there.tally } : practice);
    }),
    act: atOnce(database, (id: string, act: TallyAct) => {
      const there = read(one.get(id));
      if (there) keep({ ...there, tally: tallyAfter(there.tally, act) });
      return there !== null;
    }),
    remove: (id) => remove.run(id).changes > 0,
  };
}
