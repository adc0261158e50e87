import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import type { StoredSession } from '../../core/formats/api';
import { Session } from '../../core/session/plan/session';

/** What became of a save. */
export type SaveAnswer =
  | { readonly kind: 'saved'; readonly stored: StoredSession }
  | { readonly kind: 'newer'; readonly stored: StoredSession }
  | { readonly kind: 'missing' };

export interface SessionStore {
  all(): StoredSession[];
  find(id: string): StoredSession | null;
  /** Answers null where the id is taken. */
  add(session: Session, now: string): StoredSession | null;
  save(session: Session, revision: number, now: string): SaveAnswer;
  /** Takes a session out of sight; `restore` brings it back. Both answer whether there was one. */
  remove(id: string, now: string): boolean;
  restore(id: string): boolean;
}

const Row = z.object({ document: z.string(), revision: z.number(), changed_at: z.string() }).transform(
  ({ document, revision, changed_at }): StoredSession => ({
    session: Session.parse(JSON.parse(document)),
    revision,
    changedAt: changed_at,
  }),
);

export function sessionStore(database: Database): SessionStore {
  const columns = 'document, revision, changed_at';
  const all = database.prepare(
    `SELECT ${columns} FROM sessions WHERE deleted_at IS NULL ORDER BY date IS NULL, date, starts_at, id`,
  );
  const one = database.prepare(`SELECT ${columns} FROM sessions WHERE id = ? AND deleted_at IS NULL`);
  const taken = database.prepare('SELECT 1 FROM sessions WHERE id = ?');
  const insert = database.prepare('INSERT INTO sessions (id, document, revision, changed_at) VALUES (?, ?, 1, ?)');
  const update = database.prepare(
    'UPDATE sessions SET document = ?, revision = revision + 1, changed_at = ? WHERE id = ?',
  );
  const hide = database.prepare('UPDATE sessions SET deleted_at = ? WHERE id = ? AND deleted_at IS NULL');
  const show = database.prepare('UPDATE sessions SET deleted_at = NULL WHERE id = ? AND deleted_at IS NOT NULL');

  const find = (id: string): StoredSession | null => {
    const row = one.get(id);
    return row === undefined ? null : Row.parse(row);
  };
  const sure = (id: string): StoredSession => Row.parse(one.get(id));

  return {
    all: () => all.all().map((row) => Row.parse(row)),
    find,
    add: database.transaction((session: Session, now: string) => {
      if (taken.get(session.id) !== undefined) return null;
      insert.run(session.id, JSON.stringify(session), now);
      return sure(session.id);
    }),
    save: database.transaction((session: Session, revision: number, now: string): SaveAnswer => {
      const stored = find(session.id);
      if (!stored) return { kind: 'missing' };
      // A save whose answer was lost on the way comes again: the same content is no conflict.
      if (JSON.stringify(stored.session) === JSON.stringify(session)) return { kind: 'saved', stored };
      if (stored.revision !== revision) return { kind: 'newer', stored };
      update.run(JSON.stringify(session), now, session.id);
      return { kind: 'saved', stored: sure(session.id) };
    }),
    remove: (id, now) => hide.run(now, id).changes > 0,
    restore: (id) => show.run(id).changes > 0,
  };
}
