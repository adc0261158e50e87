import type { Database } from 'better-sqlite3';
import { Group } from '../../core/group/group';

export interface GroupStore {
  all(): Group[];
  add(group: Group): void;
}

export function groupStore(database: Database): GroupStore {
  const all = database.prepare('SELECT id, name, place, meets, about FROM groups ORDER BY name');
  const add = database.prepare(
    'INSERT INTO groups (id, name, place, meets, about) VALUES (@id, @name, @place, @meets, @about)',
  );
  return {
    all: () => all.all().map((row) => Group.parse(row)),
    add: (group) => {
      add.run(group);
    },
  };
}
