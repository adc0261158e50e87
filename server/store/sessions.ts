import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import type { StoredSession } from '../../core/formats/api';
import { Session } from '../../core/session/plan/session';
import { atOnce } from './file/atOnce';
import { type RevisedStore, revisedStore, type SaveAnswer } from './revised';
import { type LenientReader, readLeniently } from './unread';

export interface SessionStore extends RevisedStore<Session, StoredSession> {
  /** A class of a course as it was last drawn up; null where that is not known. */
  baseOf(id: string): Session | null;
  /** Saves a class that was drawn up again together with what its changes by hand are told from next time. */
  redraw(session: Session, base: Session, revision: number, now: string): SaveAnswer<StoredSession>;
}

const BaseRow = z.object({ document: z.string() });

export function sessionStore(database: Database, reader: LenientReader = readLeniently()): SessionStore {
  const sessions = revisedStore(database, {
    table: 'sessions',
    kind: 'class',
    reader,
    order: 'date IS NULL, date, starts_at, id',
    schema: Session,
    stored: (session: Session, revision, changedAt): StoredSession => ({ session, revision, changedAt }),
    thingOf: ({ session }) => session,
    revisionOf: ({ revision }) => revision,
  });
  const base = database.prepare('SELECT document FROM class_bases WHERE session_id = ?');
  const keepBase = database.prepare(`
    INSERT INTO class_bases (session_id, document) VALUES (?, ?)
    ON CONFLICT (session_id) DO UPDATE SET document = excluded.document`);
  return {
    ...sessions,
    add: atOnce(database, (session: Session, now: string) => {
      const added = sessions.add(session, now);
      if (added && session.course !== null) keepBase.run(session.id, JSON.stringify(session));
      return added;
    }),
    baseOf: (id) => {
      const row = base.get(id);
      // One that an older house wrote otherwise is as good as none: then everything counts as made by hand.
      return row === undefined ? null : (Session.safeParse(JSON.parse(BaseRow.parse(row).document)).data ?? null);
    },
    redraw: atOnce(database, (session: Session, drawn: Session, revision: number, now: string) => {
      const answer = sessions.save(session, revision, now);
      if (answer.kind === 'saved') keepBase.run(session.id, JSON.stringify(drawn));
      return answer;
    }),
  };
}
