import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { Group, type GroupAsked } from '../../core/group/group';
import type { Schools } from '../../core/movement/adapt/schools';
import { type LenientReader, readLeniently } from './unread';

export interface GroupStore {
  /** Those that are not put away, by name. */
  all(): Group[];
  putAway(): Group[];
  /** A group by its id, also one that is put away: its classes still name it. */
  find(id: string): Group | null;
  /** Answers whether it was added: not where the id is taken. */
  add(group: Group): boolean;
  /** Answers whether there was such a group. */
  change(group: Group): boolean;
  ask(id: string, asked: GroupAsked): boolean;
  /** How it is taught from now on where schools disagree. */
  teach(id: string, schools: Schools): boolean;
  /** Out of sight, with all its classes kept. */
  remove(id: string, now: string): boolean;
  restore(id: string): boolean;
}

const Row = z
  .object({
    id: z.string(),
    name: z.string(),
    place: z.string(),
    meets: z.string(),
    meetings: z.string(),
    about: z.string(),
    strength: z.string(),
    pace_least: z.number(),
    pace_most: z.number(),
    schools: z.string(),
    doors: z.string(),
    takes: z.string(),
    knows: z.string(),
    hall_id: z.string().nullable(),
    papers: z.string(),
  })
  .transform(
    ({ strength, pace_least, pace_most, schools, doors, takes, meetings, knows, hall_id, ...group }): Group =>
      Group.parse({
        ...group,
        hallId: hall_id,
        asked: { strength, paceLeast: pace_least, paceMost: pace_most },
        schools: JSON.parse(schools),
        doors: JSON.parse(doors),
        takes: JSON.parse(takes),
        meetings: JSON.parse(meetings),
        knows: JSON.parse(knows),
      }),
  );

/** A group as its columns have it. */
const columnsOf = ({ asked, schools, doors, takes, meetings, knows, ...group }: Group) => ({
  ...group,
  ...asked,
  schools: JSON.stringify(schools),
  doors: JSON.stringify(doors),
  takes: JSON.stringify(takes),
  meetings: JSON.stringify(meetings),
  knows: JSON.stringify(knows),
});

const Named = z.object({ id: z.string() });

export function groupStore(database: Database, reader: LenientReader = readLeniently()): GroupStore {
  const read = (row: unknown): Group | null =>
    reader.read('group', Named.parse(row).id, JSON.stringify(row), (json) => Row.parse(json));
  const columns =
    'id, name, place, meets, meetings, about, strength, pace_least, pace_most, schools, doors, takes, knows, hall_id, papers';
  const all = database.prepare(`SELECT ${columns} FROM groups WHERE put_away_at IS NULL ORDER BY name`);
  const away = database.prepare(`SELECT ${columns} FROM groups WHERE put_away_at IS NOT NULL ORDER BY name`);
  const one = database.prepare(`SELECT ${columns} FROM groups WHERE id = ?`);
  const add = database.prepare(
    `INSERT INTO groups (${columns}) VALUES (@id, @name, @place, @meets, @meetings, @about, @strength, @paceLeast, @paceMost, @schools, @doors, @takes, @knows, @hallId, @papers)
     ON CONFLICT (id) DO NOTHING`,
  );
  const change = database.prepare(
    `UPDATE groups SET name = @name, place = @place, meets = @meets, meetings = @meetings, about = @about, strength = @strength,
     pace_least = @paceLeast, pace_most = @paceMost, schools = @schools, doors = @doors, takes = @takes, knows = @knows, hall_id = @hallId, papers = @papers WHERE id = @id`,
  );
  const ask = database.prepare(
    'UPDATE groups SET strength = @strength, pace_least = @paceLeast, pace_most = @paceMost WHERE id = @id',
  );
  const teach = database.prepare('UPDATE groups SET schools = @schools WHERE id = @id');
  const hide = database.prepare('UPDATE groups SET put_away_at = ? WHERE id = ? AND put_away_at IS NULL');
  const show = database.prepare('UPDATE groups SET put_away_at = NULL WHERE id = ? AND put_away_at IS NOT NULL');
  return {
    all: () => all.all().flatMap((row) => read(row) ?? []),
    putAway: () => away.all().flatMap((row) => read(row) ?? []),
    find: (id) => {
      const row = one.get(id);
      return row === undefined ? null : read(row);
    },
    add: (group) => add.run(columnsOf(group)).changes > 0,
    change: (group) => change.run(columnsOf(group)).changes > 0,
    ask: (id, asked) => ask.run({ id, ...asked }).changes > 0,
    teach: (id, schools) => teach.run({ id, schools: JSON.stringify(schools) }).changes > 0,
    remove: (id, now) => hide.run(now, id).changes > 0,
    restore: (id) => show.run(id).changes > 0,
  };
}
