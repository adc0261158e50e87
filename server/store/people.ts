import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { type Came, Person } from '../../core/group/person';
import { atOnce } from './file/atOnce';
import { type LenientReader, readLeniently } from './unread';

export interface PeopleStore {
  /** Those of a group, by what they are called. */
  of(groupId: string): Person[];
  find(id: string): Person | null;
  /** Adds somebody, or changes what is known of them. */
  put(person: Person): void;
  /**
   * Takes somebody away without a trace, also where what is known of them cannot be read; the numbers of those who came stay. Answers
   * what they were called, as far as that can be read; null where there is nobody.
   */
  forget(id: string): string | null;
  /** Who was in the classes of a group that were recorded. */
  came(groupId: string): Came[];
  /** Says who was in a class; answers false where there is no such record. Those it names must be there. */
  note(logId: string, people: readonly string[]): boolean;
  /** All there are, to see that they can be read. */
  all(): Person[];
}

const Row = z.object({ id: z.string(), document: z.string() });
/** What somebody is called in a document that may not be readable otherwise; empty where that cannot be read either. */
function calledIn(document: string): string {
  try {
    return z.object({ called: z.string() }).safeParse(JSON.parse(document)).data?.called ?? '';
  } catch {
    return '';
  }
}
const CameRow = z.object({ log_id: z.string(), session_id: z.string(), person_id: z.string().nullable() });

export function peopleStore(database: Database, reader: LenientReader = readLeniently()): PeopleStore {
  const order = "ORDER BY json_extract(document, '$.called') COLLATE NOCASE, id";
  const every = database.prepare(`SELECT id, document FROM people ${order}`);
  const ofGroup = database.prepare(`SELECT id, document FROM people WHERE group_id = ? ${order}`);
  const one = database.prepare('SELECT id, document FROM people WHERE id = ?');
  const put = database.prepare(
    'INSERT INTO people (id, document) VALUES (?, ?) ON CONFLICT (id) DO UPDATE SET document = excluded.document',
  );
  const remove = database.prepare('DELETE FROM people WHERE id = ?');
  const came = database.prepare(`
    SELECT log.id AS log_id, log.session_id, attendance.person_id
    FROM class_logs AS log JOIN sessions ON sessions.id = log.session_id LEFT JOIN attendance ON attendance.log_id = log.id
    WHERE sessions.group_id = ? ORDER BY log.started_at, attendance.person_id`);
  const log = database.prepare('SELECT 1 FROM class_logs WHERE id = ?');
  const clear = database.prepare('DELETE FROM attendance WHERE log_id = ?');
  const mark = database.prepare('INSERT INTO attendance (log_id, person_id) VALUES (?, ?)');
  // Whoever came without a name stays counted.
  const count = database.prepare('UPDATE class_logs SET attendance = max(coalesce(attendance, 0), ?) WHERE id = ?');
  const read = (row: unknown): Person | null => {
    const { id, document } = Row.parse(row);
    return reader.read('person', id, document, (json) => Person.parse(json));
  };
  return {
    of: (groupId) => ofGroup.all(groupId).flatMap((row) => read(row) ?? []),
    all: () => every.all().flatMap((row) => read(row) ?? []),
    find: (id) => {
      const row = one.get(id);
      return row === undefined ? null : read(row);
    },
    put: (person) => void put.run(person.id, JSON.stringify(person)),
    forget: (id) => {
      const row = one.get(id);
      if (row === undefined) return null;
      const called = calledIn(Row.parse(row).document);
      remove.run(id);
      reader.forget('person', id);
      // What was deleted is written over, also in the journal.
      database.pragma('wal_checkpoint(TRUNCATE)');
      return called;
    },
    came: (groupId) => {
      const found = new Map<string, { sessionId: string; people: string[] }>();
      for (const row of came.all(groupId)) {
        const { log_id, session_id, person_id } = CameRow.parse(row);
        const of = found.get(log_id) ?? { sessionId: session_id, people: [] };
        if (person_id !== null) of.people.push(person_id);
        found.set(log_id, of);
      }
      return [...found].map(([logId, of]) => ({ logId, ...of }));
    },
    note: atOnce(database, (logId: string, people: readonly string[]) => {
      if (log.get(logId) === undefined) return false;
      clear.run(logId);
      for (const id of new Set(people)) mark.run(logId, id);
      count.run(new Set(people).size, logId);
      return true;
    }),
  };
}
