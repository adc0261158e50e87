import type { Database } from 'better-sqlite3';
import equal from 'fast-deep-equal';
import type { Takes } from '../../core/session/plan/takes';
import { atOnce } from './file/atOnce';
import type { GroupStore } from './groups';
import type { SessionStore } from './sessions';

/** So many coming classes are looked through at most; a group has a few dozen. */
const MOST_CLASSES = 2000;

export interface Day {
  /** The local day, YYYY-MM-DD, and the Monday of its week. */
  readonly today: string;
  readonly monday: string;
  /** The instant, ISO 8601. */
  readonly now: string;
}

/** From now on the classes of a group are reckoned with a measure of its own: those that are to come, and those that are made. */
export type ReckonWith = (groupId: string, takes: Takes, day: Day) => number | null;

/** @returns how many classes have changed, all at once or none; null where there is no such group */
export const reckonWith = (database: Database, groups: GroupStore, sessions: SessionStore): ReckonWith =>
  atOnce(database, (groupId: string, takes: Takes, { today, monday, now }: Day) => {
    const group = groups.find(groupId);
    if (!group) return null;
    groups.change({ ...group, takes });
    const coming = sessions.page({ when: 'coming', groupId, from: 0, size: MOST_CLASSES, today, monday });
    let changed = 0;
    for (const { id, revision } of coming.rows) {
      const session = sessions.find(id)?.session;
      if (!session || equal(session.takes ?? {}, takes)) continue;
      sessions.save({ ...session, takes }, revision, now);
      changed += 1;
    }
    return changed;
  });
