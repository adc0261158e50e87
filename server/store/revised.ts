import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import type { Unread } from '../../core/formats/api/api';
import { atOnce } from './file/atOnce';
import type { LenientReader } from './unread';

/** What became of a save. */
export type SaveAnswer<Stored> =
  | { readonly kind: 'saved'; readonly stored: Stored }
  | { readonly kind: 'newer'; readonly stored: Stored }
  | { readonly kind: 'missing' };

/** Documents of one kind, each with a revision that counts its saves from 1; what is taken away can be brought back. */
export interface RevisedStore<Thing, Stored> {
  all(): Stored[];
  /** The ids of all there are with their revisions, in their order, without reading them. */
  revisions(): readonly { readonly id: string; readonly revision: number }[];
  find(id: string): Stored | null;
  /** One as it is written, without understanding it. */
  text(id: string): WrittenRow | null;
  /** Sees whether one can be read. */
  check(id: string): void;
  /** Answers null where the id is taken. */
  add(thing: Thing, now: string): Stored | null;
  save(thing: Thing, revision: number, now: string): SaveAnswer<Stored>;
  /** Takes one out of sight; `restore` brings it back. Both answer whether there was one. */
  remove(id: string, now: string): boolean;
  restore(id: string): boolean;
}

/** A row as it is written. */
export interface WrittenRow {
  readonly document: string;
  readonly revision: number;
  readonly changedAt: string;
}

const Revision = z.object({ id: z.string(), revision: z.number() });
const Row = z.object({ id: z.string(), document: z.string(), revision: z.number(), changed_at: z.string() });

interface Kind<Thing, Stored> {
  /** The table and the order of its rows, as they stand in the statements: never from outside. */
  readonly table: string;
  readonly order: string;
  /** What its rows are called where one cannot be read. */
  readonly kind: Unread['kind'];
  readonly reader: LenientReader;
  readonly schema: z.ZodType<Thing>;
  readonly stored: (thing: Thing, revision: number, changedAt: string) => Stored;
  readonly thingOf: (stored: Stored) => Thing;
  readonly revisionOf: (stored: Stored) => number;
}

/** A store of documents of one kind in a table of its own. */
export function revisedStore<Thing extends { readonly id: string }, Stored>(
  database: Database,
  { table, order, kind, reader, schema, stored, thingOf, revisionOf }: Kind<Thing, Stored>,
): RevisedStore<Thing, Stored> {
  const columns = 'id, document, revision, changed_at';
  const all = database.prepare(`SELECT ${columns} FROM ${table} WHERE deleted_at IS NULL ORDER BY ${order}`);
  const revisions = database.prepare(`SELECT id, revision FROM ${table} WHERE deleted_at IS NULL ORDER BY ${order}`);
  const one = database.prepare(`SELECT ${columns} FROM ${table} WHERE id = ? AND deleted_at IS NULL`);
  const taken = database.prepare(`SELECT 1 FROM ${table} WHERE id = ?`);
  const insert = database.prepare(`INSERT INTO ${table} (id, document, revision, changed_at) VALUES (?, ?, 1, ?)`);
  const update = database.prepare(
    `UPDATE ${table} SET document = ?, revision = revision + 1, changed_at = ? WHERE id = ?`,
  );
  const hide = database.prepare(`UPDATE ${table} SET deleted_at = ? WHERE id = ? AND deleted_at IS NULL`);
  const show = database.prepare(`UPDATE ${table} SET deleted_at = NULL WHERE id = ? AND deleted_at IS NOT NULL`);

  const read = (row: unknown): Stored | null => {
    const { id, document, revision, changed_at } = Row.parse(row);
    const thing = reader.read(kind, id, document, (json) => schema.parse(json));
    return thing === null ? null : stored(thing, revision, changed_at);
  };
  const find = (id: string): Stored | null => {
    const row = one.get(id);
    return row === undefined ? null : read(row);
  };
  /** What was written a moment ago; where it does not read back, nothing is written. */
  const sure = (id: string): Stored => {
    const there = read(one.get(id));
    if (there === null) throw new Error(`What was written under “${id}” does not read back.`);
    return there;
  };

  return {
    all: () => all.all().flatMap((row) => read(row) ?? []),
    revisions: () => revisions.all().map((row) => Revision.parse(row)),
    find,
    text: (id) => {
      const row = one.get(id);
      if (row === undefined) return null;
      const { document, revision, changed_at: changedAt } = Row.parse(row);
      return { document, revision, changedAt };
    },
    check: (id) => {
      const row = one.get(id);
      if (row !== undefined) reader.check(kind, id, Row.parse(row).document, () => read(row));
    },
    add: atOnce(database, (thing: Thing, now: string) => {
      if (taken.get(thing.id) !== undefined) return null;
      insert.run(thing.id, JSON.stringify(thing), now);
      return sure(thing.id);
    }),
    save: atOnce(database, (thing: Thing, revision: number, now: string): SaveAnswer<Stored> => {
      const there = find(thing.id);
      if (!there) return { kind: 'missing' };
      // A save whose answer was lost on the way comes again: the same content is no conflict.
      if (JSON.stringify(thingOf(there)) === JSON.stringify(thing)) return { kind: 'saved', stored: there };
      if (revisionOf(there) !== revision) return { kind: 'newer', stored: there };
      update.run(JSON.stringify(thing), now, thing.id);
      return { kind: 'saved', stored: sure(thing.id) };
    }),
    remove: (id, now) => hide.run(now, id).changes > 0,
    restore: (id) => show.run(id).changes > 0,
  };
}
