import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { Group, type GroupAsked } from '../../core/group/group';
import type { Schools } from '../../core/movement/adapt/schools';

export interface GroupStore {
  all(): Group[];
  find(id: string): Group | null;
  add(group: Group): void;
  /** Answers whether there was such a group. */
  ask(id: string, asked: GroupAsked): boolean;
  /** How it is taught from now on where schools disagree. Answers whether there was such a group. */
  teach(id: string, schools: Schools): boolean;
}

const Row = z
  .object({
    id: z.string(),
    name: z.string(),
    place: z.string(),
    meets: z.string(),
    about: z.string(),
    strength: z.string(),
    pace_least: z.number(),
    pace_most: z.number(),
    schools: z.string(),
  })
  .transform(
    ({ strength, pace_least, pace_most, schools, ...group }): Group =>
      Group.parse({
        ...group,
        asked: { strength, paceLeast: pace_least, paceMost: pace_most },
        schools: JSON.parse(schools),
      }),
  );

export function groupStore(database: Database): GroupStore {
  const columns = 'id, name, place, meets, about, strength, pace_least, pace_most, schools';
  const all = database.prepare(`SELECT ${columns} FROM groups ORDER BY name`);
  const one = database.prepare(`SELECT ${columns} FROM groups WHERE id = ?`);
  const add = database.prepare(
    `INSERT INTO groups (${columns}) VALUES (@id, @name, @place, @meets, @about, @strength, @paceLeast, @paceMost, @schools)`,
  );
  const ask = database.prepare(
    'UPDATE groups SET strength = @strength, pace_least = @paceLeast, pace_most = @paceMost WHERE id = @id',
  );
  const teach = database.prepare('UPDATE groups SET schools = @schools WHERE id = @id');
  return {
    all: () => all.all().map((row) => Row.parse(row)),
    find: (id) => {
      const row = one.get(id);
      return row === undefined ? null : Row.parse(row);
    },
    add: ({ asked, schools, ...group }) => {
      add.run({ ...group, ...asked, schools: JSON.stringify(schools) });
    },
    ask: (id, asked) => ask.run({ id, ...asked }).changes > 0,
    teach: (id, schools) => teach.run({ id, schools: JSON.stringify(schools) }).changes > 0,
  };
}
