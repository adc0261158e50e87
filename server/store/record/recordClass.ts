import type { Database } from 'better-sqlite3';
import { withSeen } from '../../../core/course/classes/askedAfter';
import type { TaughtClass } from '../../../core/formats/api/taughtClass';
import type { ClassLog } from '../../../core/record/classLog';
import { timestamp } from '../../clock/clock';
import type { CourseStore } from '../courses';
import { atOnce } from '../file/atOnce';
import type { PeopleStore } from '../people';
import type { LogStore } from './logs';
import { takenNotes } from './takenNotes';

interface Stores {
  readonly database: Database;
  readonly logs: LogStore;
  readonly people: PeopleStore;
  readonly courses: CourseStore;
}

/** What became of a class that was to be recorded: it is; it was before; or there is another record of the same class. */
export type Recorded =
  | { readonly kind: 'added' | 'there already'; readonly log: ClassLog }
  | { readonly kind: 'recorded otherwise'; readonly there: ClassLog };

/** A record holds so many letters of notes. */
const MOST_NOTES = 4000;

/** What another record of the same class said afterwards goes along when this one takes its place. */
const inPlaceOf = (log: ClassLog, other: ClassLog): ClassLog => ({
  ...log,
  attendance: log.attendance ?? other.attendance,
  notes: [...new Set([...log.notes.split('\n'), ...other.notes.split('\n')])]
    .filter(Boolean)
    .join('\n')
    .slice(0, MOST_NOTES),
});

/** What there is no course for stays with the record. */
const withNotes = (log: ClassLog, more: readonly string[]): ClassLog =>
  more.length === 0 ? log : { ...log, notes: [log.notes, ...more].filter(Boolean).join('\n').slice(0, MOST_NOTES) };

/**
 * Writes a class down that was taught, with who came and how what was taught was taken: all of it or nothing. Two records of one class
 * whose times overlap are never both kept: two devices that stood in the same hall record it once.
 */
export const recordClass = ({ database, logs, people, courses }: Stores) =>
  atOnce(database, ({ log, present, taken, insteadOf }: TaughtClass): Recorded => {
    const there = logs.find(log.id) ?? logs.overlapping(log);
    if (there && logs.isSame(there, log)) return { kind: 'there already', log: there };
    if (there && there.id !== insteadOf) return { kind: 'recorded otherwise', there };
    const of = log.plan.course;
    const stored = of && courses.find(of.id);
    const said = stored ? log : withNotes(log, takenNotes(log, taken));
    const written = there ? inPlaceOf(said, there) : said;
    if (there) logs.replace(there.id, written);
    else logs.add(written);
    const known = present.filter((id) => people.find(id));
    if (known.length > 0) people.note(log.id, known);
    if (of && stored && taken.length > 0) {
      const threads = new Set(stored.course.threads.map(({ id }) => id));
      const course = taken
        .filter(({ thread }) => threads.has(thread))
        .reduce((before, one) => withSeen(before, of.classId, one.thread, one.taken), stored.course);
      courses.save(course, stored.revision, timestamp());
    }
    return { kind: 'added', log: logs.find(log.id) ?? written };
  });
