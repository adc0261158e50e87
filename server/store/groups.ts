import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { Group, type GroupAsked } from '../../core/group/group';

export interface GroupStore {
  all(): Group[];
  find(id: string): Group | null;
  add(group: Group): void;
  /** Answers whether there was such a group. */
  ask(id: string, asked: GroupAsked): boolean;
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
  })
  .transform(
    ({ strength, pace_least, pace_most, ...group }): Group =>
      Group.parse({ ...group, asked: { strength, paceLeast: pace_least, paceMost: pace_most } }),
  );

export function groupStore(database: Database): GroupStore {
  const columns = 'id, name, place, meets, about, strength, pace_least, pace_most';
  const all = database.prepare(`SELECT ${columns} FROM groups ORDER BY name`);
  const one = database.prepare(`SELECT ${columns} FROM groups WHERE id = ?`);
  const add = database.prepare(
    `INSERT INTO groups (${columns}) VALUES (@id, @name, @place, @meets, @about, @strength, @paceLeast, @paceMost)`,
  );
  const ask = database.prepare(
    'UPDATE groups SET strength = @strength, pace_least = @paceLeast, pace_most = @paceMost WHERE id = @id',
  );
  return {
    all: () => all.all().map((row) => Row.parse(row)),
    find: (id) => {
      const row = one.get(id);
      return row === undefined ? null : Row.parse(row);
    },
    add: ({ asked, ...group }) => {
      add.run({ ...group, ...asked });
    },
    ask: (id, asked) => ask.run({ id, ...asked }).changes > 0,
  };
}
