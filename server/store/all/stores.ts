import type { Database } from 'better-sqlite3';
import type { Unread } from '../../../core/formats/api/api';
import type { Movement } from '../../../core/movement/schema/movement';
import { inSlices } from '../../clock/inSlices';
import { asideStore } from '../asides';
import { courseStore } from '../courses';
import { groupStore } from '../groups';
import { hallStore } from '../halls';
import { countRows, type OnProgress } from '../keeping/progress';
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
export async function allUnread(stores: Stores, onProgress: OnProgress = () => undefined): Promise<Unread[]> {
  const { groups, passages, courses, people, halls, felt, asides, ownPractice, movements, sessions, logs } = stores;
  const kinds = [groups, passages, courses, people, halls, felt, asides, ownPractice, movements];
  await inSlices(kinds, (kind) => void kind.all());
  groups.putAway();
  const [classes, records] = [sessions.revisions(), logs.ids()];
  const onRow = countRows(classes.length + records.length, onProgress);
  await inSlices(classes, ({ id }) => {
    sessions.check(id);
    onRow();
  });
  await inSlices(records, (id) => {
    logs.check(id);
    onRow();
  });
  return stores.reader.all();
}
