import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { Movement } from '../../core/movement/schema/movement';
import { atVersion, baseId, newestOf, versionOf } from '../../core/movement/schema/version';
import { atOnce } from './file/atOnce';
import { type LenientReader, readLeniently } from './unread';

/** All movements there are: those that came along and the instructor's own, in every version. */
export interface MovementStore {
  /** Every version of every movement. */
  all(): readonly Movement[];
  /** Any version, by its id. */
  find(id: string): Movement | undefined;
  /** The newest version that shares a name. */
  newest(id: string): Movement | undefined;
  /** Names taken out of sight. Classes that name them still find them. */
  withdrawn(): readonly string[];
  /** Names the instructor made or changed. */
  own(): readonly string[];
  /** Writes movements, all or none: a new name as it is, a known one as its next version. Answers them as written. */
  write(movements: readonly Movement[], now: string): Movement[];
  /** Takes a name out of sight, or brings it back. Both answer whether there was one. */
  withdraw(id: string, now: string): boolean;
  restore(id: string): boolean;
}

const Row = z.object({ base_id: z.string(), version: z.number(), document: z.string() });
const Newest = z.object({ version: z.number().nullable() }).transform(({ version }) => version ?? -1);
const Name = z.object({ base_id: z.string() }).transform(({ base_id }) => base_id);

export function movementStore(
  database: Database,
  shipped: readonly Movement[],
  reader: LenientReader = readLeniently(),
): MovementStore {
  const written = database.prepare('SELECT base_id, version, document FROM movements ORDER BY base_id, version');
  const names = database.prepare('SELECT DISTINCT base_id FROM movements ORDER BY base_id');
  const hidden = database.prepare('SELECT base_id FROM withdrawn_movements ORDER BY base_id');
  const insert = database.prepare('INSERT INTO movements (base_id, version, document, changed_at) VALUES (?, ?, ?, ?)');
  const newestVersion = database.prepare('SELECT max(version) AS version FROM movements WHERE base_id = ?');
  const hide = database.prepare('INSERT OR IGNORE INTO withdrawn_movements (base_id, withdrawn_at) VALUES (?, ?)');
  const show = database.prepare('DELETE FROM withdrawn_movements WHERE base_id = ?');

  const readRow = (row: unknown): Movement | null => {
    const { base_id, version, document } = Row.parse(row);
    return reader.read('movement', atVersion(base_id, version), document, (json) => Movement.parse(json));
  };
  /** Versions never change, so they are read once and again only after a write; their identity lets others remember what they worked out. */
  let known: { byId: ReadonlyMap<string, Movement>; newest: ReadonlyMap<string, Movement> };
  const read = () => {
    const own = written.all().flatMap((row) => {
      const { base_id, version } = Row.parse(row);
      // What has been read is not read again.
      return known?.byId.get(atVersion(base_id, version)) ?? readRow(row) ?? [];
    });
    const movements = [...shipped, ...own];
    known = {
      byId: new Map(movements.map((movement) => [movement.id, movement])),
      newest: new Map(newestOf(movements).map((movement) => [baseId(movement.id), movement])),
    };
  };
  read();

  const writeAll = atOnce(database, (movements: readonly Movement[], now: string): Movement[] =>
    movements.map((movement) => {
      const before = known.newest.get(baseId(movement.id));
      // A version that cannot be read has its number all the same.
      const last = Newest.parse(newestVersion.get(baseId(movement.id)));
      const version = Math.max(before ? versionOf(before.id) + 1 : 0, last + 1);
      const next = { ...movement, id: atVersion(movement.id, version) };
      insert.run(baseId(next.id), version, JSON.stringify(next), now);
      return next;
    }),
  );

  return {
    all: () => [...known.byId.values()],
    find: (id) => known.byId.get(id),
    newest: (id) => known.newest.get(baseId(id)),
    withdrawn: () => hidden.all().map((row) => Name.parse(row)),
    own: () => names.all().map((row) => Name.parse(row)),
    write: (movements, now) => {
      const answer = writeAll(movements, now);
      read();
      return answer;
    },
    withdraw: (id, now) => known.newest.has(baseId(id)) && hide.run(baseId(id), now).changes > 0,
    restore: (id) => show.run(baseId(id)).changes > 0,
  };
}
