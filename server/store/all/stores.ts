import { setImmediate as soon } from 'node:timers/promises';
import type { Database } from 'better-sqlite3';
import type { Unread } from '../../../core/formats/api/api';
import type { Movement } from '../../../core/movement/schema/movement';
import { asideStore } from '../asides';
import { courseStore } from '../courses';
import { groupStore } from '../groups';
import { hallStore } from '../halls';
import { movementStore } from '../movements';
import { passageStore } from '../passages';
import { peopleStore } from '../people';
import { feltStore } from '../record/felt';
import { logStore } from '../record/logs';
import { ownPracticeStore } from '../record/ownPractice';
import { sessionStore } from '../sessions';
import { readLeniently, type WellRead } from '../unread';
import { inOwnWords, wordingStore } from '../wording';

export type Stores = ReturnType<typeof storesOf>;

/** Everything a database holds, each kind by itself. A row that cannot be read is left out and named by `reader`. */
export function storesOf(database: Database, shipped: readonly Movement[], wellRead?: WellRead) {
  const reader = readLeniently(wellRead);
  const wording = wordingStore(database, reader);
  return {
    reader,
    wording,
    movements: inOwnWords(movementStore(database, shipped, reader), wording),
    sessions: sessionStore(database, reader),
    groups: groupStore(database, reader),
    logs: logStore(database, reader),
    passages: passageStore(database, reader),
    courses: courseStore(database, reader),
    people: peopleStore(database, reader),
    halls: hallStore(database, reader),
    felt: feltStore(database, reader),
    asides: asideStore(database, reader),
    ownPractice: ownPracticeStore(database, reader),
  };
}

/** Reads everything there is, others being answered between one row and the next, and tells what of it cannot be read. */
export async function allUnread(stores: Stores): Promise<Unread[]> {
  const { groups, passages, courses, people, halls, felt, asides, ownPractice, movements, sessions, logs } = stores;
  for (const one of [groups, passages, courses, people, halls, felt, asides, ownPractice, movements]) {
    one.all();
    await soon();
  }
  groups.putAway();
  for (const { id } of sessions.revisions()) await soon(sessions.check(id));
  for (const id of logs.ids()) await soon(logs.check(id));
  return stores.reader.all();
}
