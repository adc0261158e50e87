import { createRoute, type OpenAPIHono } from '@hono/zod-openapi';
import type { Database } from 'better-sqlite3';
import { CourseFileText, StoredCourse } from '../../core/formats/api/courseApi';
import { readCourse } from '../../core/formats/course/courseJson';
import type { Form } from '../../core/movement/schema/form';
import { timestamp } from '../clock/clock';
import type { CourseStore } from '../store/courses';
import { atOnce } from '../store/file/atOnce';
import type { GroupStore } from '../store/groups';
import type { MovementStore } from '../store/movements';
import { Refusal } from './reply/problem';
import { body, fails, json } from './reply/replies';
import { router } from './reply/router';

const bring = createRoute({
  method: 'post',
  path: '/api/courses/file',
  summary: 'Add a course from a file, with the movements it brings; nothing that is here is overwritten',
  request: body(CourseFileText),
  responses: {
    201: json(StoredCourse, 'The course as stored'),
    409: fails('The id is taken'),
    422: fails('The file cannot be read, or there is no such group; nothing was written'),
  },
});

export const courseFileRoutes = (
  database: Database,
  courses: CourseStore,
  groups: GroupStore,
  movements: MovementStore,
  forms: readonly Form[],
): OpenAPIHono => {
  return router().openapi(bring, (context) => {
    const { text, id, groupId } = context.req.valid('json');
    if (!groups.find(groupId)) {
      const errors = [{ path: ['groupId'], message: `there is no group "${groupId}"` }];
      throw new Refusal(422, 'There is no such group.', { errors });
    }
    // Read inside: what is here cannot change between reading the file and writing what it brings.
    const stored = atOnce(database, () => {
      const read = readCourse(text, movements.find, forms, id, groupId);
      if (!read.ok) {
        const errors = read.problems.map(({ path, message }) => ({ path: [...path], message }));
        throw new Refusal(422, 'The file cannot be read as it is. Nothing was written.', { errors });
      }
      const added = courses.add(read.course, timestamp());
      if (added) movements.write(read.brings, timestamp());
      return added;
    })();
    if (!stored) throw new Refusal(409, 'A course of that id is already there.');
    return context.json(stored, 201);
  });
};
