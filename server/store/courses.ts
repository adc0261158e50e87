import type { Database } from 'better-sqlite3';
import { Course } from '../../core/course/schema/course';
import type { StoredCourse } from '../../core/formats/api/courseApi';
import { type RevisedStore, revisedStore } from './revised';
import { type LenientReader, readLeniently } from './unread';

export type CourseStore = RevisedStore<Course, StoredCourse>;

export const courseStore = (database: Database, reader: LenientReader = readLeniently()): CourseStore =>
  revisedStore(database, {
    table: 'courses',
    kind: 'course',
    reader,
    order: 'first_day DESC, id',
    schema: Course,
    stored: (course: Course, revision, changedAt): StoredCourse => ({ course, revision, changedAt }),
    thingOf: ({ course }) => course,
    revisionOf: ({ revision }) => revision,
  });
