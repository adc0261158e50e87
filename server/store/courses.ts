import type { Database } from 'better-sqlite3';
import { Course } from '../../core/course/schema/course';
import type { StoredCourse } from '../../core/formats/courseApi';
import { type RevisedStore, revisedStore } from './revised';

export type CourseStore = RevisedStore<Course, StoredCourse>;

export const courseStore = (database: Database): CourseStore =>
  revisedStore(database, {
    table: 'courses',
    order: 'first_day DESC, id',
    schema: Course,
    stored: (course: Course, revision, changedAt): StoredCourse => ({ course, revision, changedAt }),
    thingOf: ({ course }) => course,
    revisionOf: ({ revision }) => revision,
  });
