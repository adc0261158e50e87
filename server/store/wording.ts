import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { OwnCall, type Wording, wordedAs } from '../../core/movement/adapt/wording';
import type { Movement } from '../../core/movement/schema/movement';
import { baseId } from '../../core/movement/schema/version';
import type { MovementStore } from './movements';

export interface WordingStore {
  all(): readonly Wording[];
  /** Says all calls of a movement anew; none has it said as it is written. */
  put(wording: Wording, now: string): void;
  /** A movement as it is said. The same movement always answers the same until its wording changes. */
  worded(movement: Movement): Movement;
}

const Row = OwnCall.extend({ movement_id: z.string() });

export function wordingStore(database: Database): WordingStore {
  const every = database.prepare(
    'SELECT movement_id, part, phase, was, call FROM wording ORDER BY movement_id, part, phase',
  );
  const clear = database.prepare('DELETE FROM wording WHERE movement_id = ?');
  const insert = database.prepare(
    `INSERT INTO wording (movement_id, part, phase, was, call, changed_at)
     VALUES (@movementId, @part, @phase, @was, @call, @now)`,
  );
  let known: ReadonlyMap<string, Wording>;
  let said = new WeakMap<Movement, Movement>();
  const read = () => {
    const byMovement = new Map<string, Wording>();
    for (const row of every.all()) {
      const { movement_id: movementId, ...call } = Row.parse(row);
      byMovement.set(movementId, { movementId, calls: [...(byMovement.get(movementId)?.calls ?? []), call] });
    }
    known = byMovement;
    said = new WeakMap();
  };
  read();
  const putAll = database.transaction(({ movementId, calls }: Wording, now: string) => {
    clear.run(movementId);
    for (const call of calls) insert.run({ ...call, movementId, now });
  });
  return {
    all: () => [...known.values()],
    put: (wording, now) => {
      putAll(wording, now);
      read();
    },
    worded: (movement) => {
      const before = said.get(movement);
      if (before) return before;
      const worded = wordedAs(movement, known.get(baseId(movement.id))?.calls ?? []);
      said.set(movement, worded);
      return worded;
    },
  };
}

/** The movements as their instructor says them. */
export function inOwnWords(movements: MovementStore, { worded }: WordingStore): MovementStore {
  const one = (movement: Movement | undefined) => movement && worded(movement);
  return {
    ...movements,
    all: () => movements.all().map(worded),
    find: (id) => one(movements.find(id)),
    newest: (id) => one(movements.newest(id)),
  };
}
