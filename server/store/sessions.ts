import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import type { SessionsWhen, StoredSession } from '../../core/formats/api/api';
import { Session } from '../../core/session/plan/session';
import { atOnce } from './file/atOnce';
import { type RevisedStore, revisedStore, type SaveAnswer } from './revised';
import { type LenientReader, readLeniently } from './unread';

/** Which classes are asked for, and which part of them. */
export interface SessionsAsked {
  readonly when: SessionsWhen;
  readonly groupId?: string | undefined;
  readonly courseId?: string | undefined;
  /** Words of the title. */
  readonly words?: string | undefined;
  readonly from: number;
  readonly size: number;
  /** The local day, YYYY-MM-DD, and the Monday of its week. */
  readonly today: string;
  readonly monday: string;
}

export interface SessionStore extends RevisedStore<Session, StoredSession> {
  /** Some of the classes: those that come first, then those without a day, then those that are past, the latest first. */
  page(asked: SessionsAsked): { readonly total: number; readonly rows: readonly { id: string; revision: number }[] };
  /** The id of the class that was drawn up for one class of a course; null where none is there. */
  drawnFor(of: NonNullable<Session['course']>): string | null;
  /** Whether the class of a course that one was drawn up for has been drawn up once more since that one was taken away. */
  isDrawnAgain(id: string): boolean;
  /** A class of a course as it was last drawn up; null where that is not known. */
  baseOf(id: string): Session | null;
  /** Saves a class that was drawn up again together with what its changes by hand are told from next time. */
  redraw(session: Session, base: Session, revision: number, now: string): SaveAnswer<StoredSession>;
}

const Id = z.object({ id: z.string() });
const BaseRow = z.object({ document: z.string() });
const Found = z.object({ id: z.string(), revision: z.number() });

/** What stands for itself in a LIKE. */
const literally = (words: string): string => words.replaceAll(/[\\%_]/g, '\\$&');

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
  const asked = `
    FROM sessions WHERE deleted_at IS NULL
      AND (@when = 'all' OR (@when = 'coming' AND (date IS NULL OR date >= @today))
        OR (@when = 'week' AND date >= @monday AND date < date(@monday, '+7 days')) OR (@when = 'past' AND date < @today))
      AND (@groupId IS NULL OR group_id = @groupId)
      AND (@courseId IS NULL OR course_id = @courseId)
      AND (@words IS NULL OR json_extract(document, '$.title') LIKE @words ESCAPE '\\')`;
  const count = database.prepare(`SELECT count(*) ${asked}`).pluck();
  const some = database.prepare(`SELECT id, revision ${asked}
    ORDER BY CASE WHEN date >= @today THEN 0 WHEN date IS NULL THEN 1 ELSE 2 END,
      CASE WHEN date >= @today THEN date || starts_at END, date DESC, starts_at DESC, id
    LIMIT @size OFFSET @from`);
  const ofCourseClass = database.prepare(`
    SELECT id FROM sessions
    WHERE deleted_at IS NULL AND course_id = @course AND json_extract(document, '$.course.classId') = @classId LIMIT 1`);
  const again = database.prepare(`
    SELECT other.id FROM sessions gone
    JOIN sessions other ON other.deleted_at IS NULL AND other.id <> gone.id AND other.course_id = gone.course_id
      AND json_extract(other.document, '$.course.classId') = json_extract(gone.document, '$.course.classId')
    WHERE gone.id = ? LIMIT 1`);
  const base = database.prepare('SELECT document FROM class_bases WHERE session_id = ?');
  const keepBase = database.prepare(`
    INSERT INTO class_bases (session_id, document) VALUES (?, ?)
    ON CONFLICT (session_id) DO UPDATE SET document = excluded.document`);
  return {
    ...sessions,
    page: ({ groupId = null, courseId = null, words, ...rest }) => {
      const given = { ...rest, groupId, courseId, words: words ? `%${literally(words)}%` : null };
      return { total: Number(count.get(given)), rows: some.all(given).map((row) => Found.parse(row)) };
    },
    add: atOnce(database, (session: Session, now: string) => {
      const added = sessions.add(session, now);
      if (added && session.course !== null) keepBase.run(session.id, JSON.stringify(session));
      return added;
    }),
    drawnFor: ({ id, classId }) => {
      const row = ofCourseClass.get({ course: id, classId });
      return row === undefined ? null : Id.parse(row).id;
    },
    isDrawnAgain: (id) => again.get(id) !== undefined,
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
