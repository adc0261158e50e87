import type { Database } from 'better-sqlite3';
import type { StoredSession } from '../../core/formats/api';
import { Session } from '../../core/session/plan/session';
import { type RevisedStore, revisedStore } from './revised';

export type SessionStore = RevisedStore<Session, StoredSession>;

export const sessionStore = (database: Database): SessionStore =>
  revisedStore(database, {
    table: 'sessions',
    order: 'date IS NULL, date, starts_at, id',
    schema: Session,
    stored: (session: Session, revision, changedAt): StoredSession => ({ session, revision, changedAt }),
    thingOf: ({ session }) => session,
    revisionOf: ({ revision }) => revision,
  });
