import type { Database } from 'better-sqlite3';
import type { Form } from '../core/movement/schema/form';
import type { Movement } from '../core/movement/schema/movement';
import { timestamp } from '../server/clock/clock';
import { courseStore } from '../server/store/courses';
import { atOnce } from '../server/store/file/atOnce';
import { groupStore } from '../server/store/groups';
import { hallStore } from '../server/store/halls';
import { peopleStore } from '../server/store/people';
import { logStore } from '../server/store/record/logs';
import { sessionStore } from '../server/store/sessions';
import { demoCourses, groupsAround } from './courses';
import { demoGroups } from './groups';
import { demoHalls } from './halls';
import { demoLog } from './log';
import { demoCame, demoPeople } from './people';
import { demoSessions } from './sessions';

/**
 * Puts the demo world into an empty database, in one transaction.
 * @param today the local day the demo's classes are laid around, YYYY-MM-DD
 */
export function loadDemo(
  database: Database,
  movements: readonly Movement[],
  forms: readonly Form[],
  today: string,
): void {
  const find = (id: string) => movements.find((movement) => movement.id === id);
  const sessions = demoSessions(today, find);
  const met = groupsAround(demoGroups, today);
  const courses = demoCourses(today, met, find, forms);
  const now = timestamp();
  atOnce(database, () => {
    const halls = hallStore(database);
    for (const hall of demoHalls) halls.put(hall);
    const groups = groupStore(database);
    for (const group of met) groups.add(group);
    const ofCourses = courseStore(database);
    for (const course of courses) ofCourses.add(course, now);
    const store = sessionStore(database);
    for (const session of sessions) store.add(session, now);
    const logs = logStore(database);
    for (const session of sessions) {
      const log = demoLog(session, find);
      if (log) logs.add(log);
    }
    const everybody = demoPeople(today);
    const people = peopleStore(database);
    for (const person of everybody) people.put(person);
    for (const id of logs.ids()) people.note(id, demoCame(id, everybody) ?? []);
  })();
}
