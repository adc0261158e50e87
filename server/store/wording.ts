import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { OwnCall, type Wording, wordedAs } from '../../core/movement/adapt/wording';
import type { Movement } from '../../core/movement/schema/movement';
import { baseId } from '../../core/movement/schema/version';
import { rememberFor } from '../../core/remember/rememberFor';
import { atOnce } from './file/atOnce';
import type { MovementStore } from './movements';
import { type LenientReader, readLeniently } from './unread';

export interface WordingStore {
  all(): readonly Wording[];
  /** Says all calls of a movement anew; none has it said as it is written. */
  put(wording: Wording, now: string): void;
  /** A movement as it is said. The same movement always answers the same until its wording changes. */
  worded(movement: Movement): Movement;
}

const Row = z.object({
  movement_id: z.string(),
  part: z.string(),
  phase: z.number(),
  was: z.string(),
  call: z.string(),
});

export function wordingStore(database: Database, reader: LenientReader = readLeniently()): WordingStore {
  const every = database.prepare(
    'SELECT movement_id, part, phase, was, call FROM wording ORDER BY movement_id, part, phase',
  );
  const clear = database.prepare('DELETE FROM wording WHERE movement_id = ?');
  const insert = database.prepare(
    `INSERT INTO wording (movement_id, part, phase, was, call, changed_at)
     VALUES (@movementId, @part, @phase, @was, @call, @now)`,
  );
  const readAll = (): ReadonlyMap<string, Wording> => {
    const byMovement = new Map<string, Wording>();
    for (const row of every.all()) {
      const { movement_id: movementId, ...written } = Row.parse(row);
      const id = `${movementId} ${written.part} ${written.phase}`;
      const call = reader.read('own words', id, JSON.stringify(written), (json) => OwnCall.parse(json));
      if (call) byMovement.set(movementId, { movementId, calls: [...(byMovement.get(movementId)?.calls ?? []), call] });
    }
    return byMovement;
  };
  let stored = readAll();
  /** Movements in the words that are stored now, each made once. */
  const inStoredWords = () =>
    rememberFor((movement: Movement) => wordedAs(movement, stored.get(baseId(movement.id))?.calls ?? []));
  let worded = inStoredWords();
  const putAll = atOnce(database, ({ movementId, calls }: Wording, now: string) => {
    clear.run(movementId);
    for (const call of calls) insert.run({ ...call, movementId, now });
  });
  return {
    all: () => [...stored.values()],
    put: (wording, now) => {
      putAll(wording, now);
      stored = readAll();
      worded = inStoredWords();
    },
    worded: (movement) => worded(movement),
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
