import type { Database } from 'better-sqlite3';
import equal from 'fast-deep-equal';
import { z } from 'zod';
import type { LogNotes, LogSummary } from '../../../core/formats/api/api';
import { ClassLog } from '../../../core/record/classLog';
import { movementsLeftOut } from '../../../core/record/leftOut';
import { atOnce } from '../file/atOnce';
import { type LenientReader, readLeniently } from '../unread';

export interface LogStore {
  all(): LogSummary[];
  /** The ids of all there are, also of those that cannot be read. */
  ids(): string[];
  /** What was said of each afterwards, the oldest first. */
  notes(): Pick<ClassLog, 'id' | 'attendance' | 'notes'>[];
  /** What the class of a record was called. */
  title(id: string): string;
  find(id: string): ClassLog | null;
  /** All that is written of one, without understanding it: another text is another record. */
  text(id: string): string | null;
  /** Sees whether one can be read. */
  check(id: string): void;
  /** Whether a class has been taught. */
  hasOf(sessionId: string): boolean;
  /** Another record of the same class at the same time; null where there is none. */
  overlapping(log: Pick<ClassLog, 'id' | 'sessionId' | 'startedAt' | 'endedAt'>): ClassLog | null;
  /** Whether two records say the same of what was taught: the same class written once more, because an answer was lost, is no new one. */
  isSame(one: ClassLog, other: ClassLog): boolean;
  /** Adds a record; its id must be free. */
  add(log: ClassLog): void;
  /** Writes a record in place of another of the same class: who came to that and what was felt in it stay. */
  replace(id: string, log: ClassLog): void;
  /** Answers false where there is no such log. */
  annotate(id: string, notes: LogNotes): boolean;
  /** Says that a line that was left open is answered. Answers false where there is no such log. */
  answer(id: string, itemId: string): boolean;
  /** Says that a change is not passed on to a class. Answers false where there is no such log. */
  letGo(id: string, what: ClassLog['letGo'][number]): boolean;
  /** The ids of the records of a group's classes, the latest first. */
  ofGroup(groupId: string): string[];
}

const SummaryRow = z.object({
  id: z.string(),
  sessionId: z.string(),
  title: z.string(),
  startedAt: z.string(),
  plannedMs: z.number(),
  actualMs: z.number(),
  attendance: z.number().nullable(),
  /** The plan and the lines that were left out; null where none was. */
  plan: z.string().nullable(),
  leftOut: z.string().nullable(),
});
const Ids = z.array(z.string());
/** What of a plan says which movements were left out. */
const Planned = z.object({
  sections: z.array(z.object({ items: z.array(z.object({ id: z.string(), movementId: z.string().optional() })) })),
});
const Named = z.object({ id: z.string() });
const Noted = z.object({ id: z.string(), attendance: z.number().nullable(), notes: z.string() });
const Parted = z.looseObject({ parts: z.string() });
const LogRow = z.object({
  id: z.string(),
  sessionId: z.string(),
  startedAt: z.string(),
  endedAt: z.string(),
  plan: z.string(),
  attendance: z.number().nullable(),
  notes: z.string(),
  answered: z.string(),
  stops: z.string(),
  letGo: z.string(),
});
const Written = z.object({ row: LogRow, items: z.array(Parted) });

/** What of a record is kept as a document of its own. */
const DOCUMENTS = ['plan', 'answered', 'stops', 'letGo'] as const;
const documentsOf = <Value>(of: Readonly<Record<(typeof DOCUMENTS)[number], Value>>, as: (value: Value) => unknown) =>
  Object.fromEntries(DOCUMENTS.map((name) => [name, as(of[name])]));

/** A record in short, from its row. */
function summaryFrom(row: unknown): LogSummary {
  const { plan, leftOut, ...summary } = SummaryRow.parse(row);
  if (plan === null || leftOut === null) return { ...summary, leftOut: [] };
  return {
    ...summary,
    leftOut: movementsLeftOut(Planned.parse(JSON.parse(plan)), new Set(Ids.parse(JSON.parse(leftOut)))),
  };
}

/** A record from its row and those of its lines. */
function logFrom(written: unknown): ClassLog {
  const { row, items } = Written.parse(written);
  const logged = items.map(({ parts, ...others }) => ({ ...others, parts: JSON.parse(parts) }));
  return ClassLog.parse({ ...row, ...documentsOf(row, JSON.parse), items: logged });
}

/** A record by what was taught: what is said of it afterwards is none of it. */
const asTaught = (log: ClassLog) => ({ ...log, attendance: null, notes: '', answered: [], letGo: [] });

export function logStore(database: Database, reader: LenientReader = readLeniently()): LogStore {
  const all = database.prepare(`
    SELECT log.id, log.session_id AS sessionId, json_extract(log.plan, '$.title') AS title, log.started_at AS startedAt,
      log.attendance, coalesce(sum(item.planned_ms), 0) AS plannedMs, coalesce(sum(item.actual_ms), 0) AS actualMs,
      CASE WHEN sum(item.outcome = 'left out') > 0 THEN log.plan END AS plan,
      json_group_array(item.item_id) FILTER (WHERE item.outcome = 'left out') AS leftOut
    FROM class_logs AS log LEFT JOIN class_log_items AS item ON item.log_id = log.id
    GROUP BY log.id ORDER BY log.started_at DESC`);
  const one = database.prepare(`
    SELECT id, session_id AS sessionId, started_at AS startedAt, ended_at AS endedAt, plan, attendance, notes, answered, stops,
      let_go AS letGo
    FROM class_logs WHERE id = ?`);
  const inOne = database
    .prepare(`
    SELECT concat_ws(char(31), session_id, started_at, ended_at, plan, coalesce(attendance, '-'), notes, answered, stops, let_go,
      (SELECT group_concat(concat_ws(char(31), item_id, title, section, planned_ms, actual_ms, planned_times, done_times, outcome,
        parts), char(30)) FROM (SELECT * FROM class_log_items WHERE log_id = log.id ORDER BY position)))
    FROM class_logs AS log WHERE id = ?`)
    .pluck();
  const noted = database.prepare('SELECT id, attendance, notes FROM class_logs ORDER BY started_at, id');
  const title = database.prepare("SELECT json_extract(plan, '$.title') FROM class_logs WHERE id = ?").pluck();
  const ids = database.prepare('SELECT id FROM class_logs ORDER BY id');
  const ofSession = database.prepare('SELECT 1 FROM class_logs WHERE session_id = ? LIMIT 1');
  const items = database.prepare(`
    SELECT item_id AS itemId, title, section, planned_ms AS plannedMs, actual_ms AS actualMs,
      planned_times AS plannedTimes, done_times AS doneTimes, outcome, parts
    FROM class_log_items WHERE log_id = ? ORDER BY position`);
  const addLog = database.prepare(`
    INSERT INTO class_logs (id, session_id, started_at, ended_at, plan, attendance, notes, answered, stops, let_go)
    VALUES (@id, @sessionId, @startedAt, @endedAt, @plan, @attendance, @notes, @answered, @stops, @letGo)`);
  const addItem = database.prepare(`
    INSERT INTO class_log_items
      (log_id, position, item_id, title, section, planned_ms, actual_ms, planned_times, done_times, outcome, parts)
    VALUES (@logId, @position, @itemId, @title, @section, @plannedMs, @actualMs, @plannedTimes, @doneTimes, @outcome, @parts)`);
  const during = database.prepare(`
    SELECT id FROM class_logs
    WHERE session_id = @sessionId AND id <> @id
      AND julianday(started_at) < julianday(@endedAt) AND julianday(ended_at) > julianday(@startedAt)
    ORDER BY started_at LIMIT 1`);
  const remove = database.prepare('DELETE FROM class_logs WHERE id = ?');
  const cameTo = database.prepare('SELECT person_id AS personId FROM attendance WHERE log_id = ?');
  const feltIn = database.prepare('SELECT id, document FROM felt WHERE log_id = ?');
  const comes = database.prepare('INSERT INTO attendance (log_id, person_id) VALUES (@logId, @personId)');
  const feels = database.prepare('INSERT INTO felt (log_id, id, document) VALUES (@logId, @id, @document)');
  const annotate = database.prepare('UPDATE class_logs SET attendance = @attendance, notes = @notes WHERE id = @id');

  const answer = database.prepare('UPDATE class_logs SET answered = @answered WHERE id = @id');

  const letGo = database.prepare('UPDATE class_logs SET let_go = @letGo WHERE id = @id');
  const ofGroup = database.prepare(`
    SELECT log.id FROM class_logs AS log JOIN sessions ON sessions.id = log.session_id
    WHERE sessions.group_id = ? ORDER BY julianday(log.started_at) DESC, log.id`);

  const find = (id: string): ClassLog | null => {
    const row = one.get(id);
    return row === undefined ? null : reader.read('record', id, JSON.stringify({ row, items: items.all(id) }), logFrom);
  };
  const text = (id: string): string | null => {
    const found = inOne.get(id);
    return found === undefined ? null : String(found);
  };

  const add = atOnce(database, (log: ClassLog) => {
    const { items: logged, ...row } = log;
    addLog.run({ ...row, ...documentsOf<unknown>(log, JSON.stringify) });
    for (const [position, item] of logged.entries())
      addItem.run({ ...item, parts: JSON.stringify(item.parts), logId: log.id, position });
  });

  return {
    all: () =>
      all.all().flatMap((row) => {
        const { id } = Named.parse(row);
        return reader.read('record', id, JSON.stringify(row), summaryFrom) ?? [];
      }),
    ids: () => ids.all().map((row) => Named.parse(row).id),
    title: (id) => String(title.get(id) ?? ''),
    notes: () => noted.all().map((row) => Noted.parse(row)),
    find,
    text,
    check: (id) => {
      const written = text(id);
      if (written !== null) reader.check('record', id, written, () => find(id));
    },
    overlapping: ({ id, sessionId, startedAt, endedAt }) => {
      const row = during.get({ id, sessionId, startedAt, endedAt });
      return row === undefined ? null : find(Named.parse(row).id);
    },
    // Who came and what to remember is said afterwards; what was taught is what makes it the same.
    isSame: (one, other) => one.id === other.id && equal(asTaught(one), asTaught(other)),
    add,
    replace: atOnce(database, (id: string, log: ClassLog) => {
      const [came, felt] = [cameTo.all(id), feltIn.all(id)];
      remove.run(id);
      add(log);
      for (const row of came) comes.run({ ...(row as object), logId: log.id });
      for (const row of felt) feels.run({ ...(row as object), logId: log.id });
    }),
    hasOf: (sessionId) => ofSession.get(sessionId) !== undefined,
    answer: atOnce(database, (id: string, itemId: string) => {
      const log = find(id);
      if (!log) return false;
      return answer.run({ id, answered: JSON.stringify([...new Set([...log.answered, itemId])]) }).changes > 0;
    }),
    letGo: atOnce(database, (id: string, what: ClassLog['letGo'][number]) => {
      const log = find(id);
      if (!log) return false;
      const others = log.letGo.filter((one) => !equal(one, what));
      return letGo.run({ id, letGo: JSON.stringify([...others, what]) }).changes > 0;
    }),
    ofGroup: (groupId) => ofGroup.all(groupId).map((row) => Named.parse(row).id),
    annotate: (id, notes) => annotate.run({ id, ...notes }).changes > 0,
  };
}
