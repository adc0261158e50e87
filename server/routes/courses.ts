import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import type { Course } from '../../core/course/schema/course';
import { contentOf } from '../../core/course/schema/topicContent';
import { CourseConflict, CourseSave, NewCourse, StoredCourse } from '../../core/formats/api/courseApi';
import { courseCalendar } from '../../core/formats/course/courseCalendar';
import type { FindMovement } from '../../core/movement/schema/movement';
import { timestamp, today } from '../clock/clock';
import type { CourseStore } from '../store/courses';
import type { GroupStore } from '../store/groups';
import { Refusal } from './reply/problem';
import { body, fails, idParam, json } from './reply/replies';
import { router } from './reply/router';

const path = '/api/courses';
const onePath = '/api/courses/{id}';
const missing = { 404: fails('There is none of that id') };
const refused = { 422: fails('A field is wrong') };

const list = createRoute({
  method: 'get',
  path,
  summary: 'All courses',
  responses: { 200: json(z.array(StoredCourse), 'The courses, those that began last first') },
});
const add = createRoute({
  method: 'post',
  path,
  summary: 'Add a course',
  request: body(NewCourse),
  responses: { 201: json(StoredCourse, 'The course as stored'), 409: fails('The id is taken'), ...refused },
});
const one = createRoute({
  method: 'get',
  path: onePath,
  summary: 'One course',
  request: idParam,
  responses: { 200: json(StoredCourse, 'The course'), ...missing },
});
const save = createRoute({
  method: 'put',
  path: onePath,
  summary: 'Save a course over the revision it was made from',
  request: { ...idParam, ...body(CourseSave) },
  responses: {
    200: json(StoredCourse, 'The course as stored'),
    409: {
      content: { 'application/problem+json': { schema: CourseConflict } },
      description: 'The store holds a newer one',
    },
    ...missing,
    ...refused,
  },
});
const remove = createRoute({
  method: 'delete',
  path: onePath,
  summary: 'Take a course away; it can be brought back, and its classes stay',
  request: idParam,
  responses: { 204: { description: 'It is gone from sight' }, ...missing },
});
const restore = createRoute({
  method: 'post',
  path: '/api/courses/{id}/restore',
  summary: 'Bring a course back that was taken away',
  request: idParam,
  responses: { 200: json(StoredCourse, 'The course'), ...missing },
});

const calendar = createRoute({
  method: 'get',
  path: '/api/courses/{id}/calendar',
  summary: 'A course as a calendar file, also to be subscribed to on this machine',
  request: idParam,
  responses: {
    200: { content: { 'text/calendar': { schema: z.string() } }, description: 'An event for each class (RFC 5545)' },
    ...missing,
  },
});

const missingCourse = () => new Refusal(404, 'There is no such course.');

export function courseRoutes(
  courses: CourseStore,
  groups: GroupStore,
  find: FindMovement,
  formIds: ReadonlySet<string>,
): OpenAPIHono {
  /** What the schema cannot see: groups, movements and forms that do not exist. */
  const refuseUnknown = ({ groupId, threads }: Course): void => {
    const errors = threads.flatMap((thread, place) => {
      const { form, movementId } = contentOf(thread);
      const path = ['course', 'threads', place, 'taught', 'id'];
      if (form && !formIds.has(form.id)) return [{ path, message: `there is no form "${form.id}"` }];
      if (movementId !== null && !find(movementId)) return [{ path, message: `there is no movement "${movementId}"` }];
      return [];
    });
    if (!groups.find(groupId)) errors.push({ path: ['course', 'groupId'], message: `there is no group "${groupId}"` });
    if (errors.length > 0) throw new Refusal(422, 'The course names something that does not exist.', { errors });
  };

  return router()
    .openapi(list, (context) => context.json(courses.all(), 200))
    .openapi(add, (context) => {
      const { course } = context.req.valid('json');
      refuseUnknown(course);
      const stored = courses.add(course, timestamp());
      if (!stored) throw new Refusal(409, 'A course of that id is already there.');
      return context.json(stored, 201);
    })
    .openapi(one, (context) => {
      const stored = courses.find(context.req.valid('param').id);
      if (!stored) throw missingCourse();
      return context.json(stored, 200);
    })
    .openapi(save, (context) => {
      const { course, revision } = context.req.valid('json');
      if (course.id !== context.req.valid('param').id) {
        const errors = [{ path: ['course', 'id'], message: 'must be the id in the address' }];
        throw new Refusal(422, 'The course and the address do not match.', { errors });
      }
      refuseUnknown(course);
      const answer = courses.save(course, revision, timestamp());
      if (answer.kind === 'missing') throw missingCourse();
      if (answer.kind === 'saved') return context.json(answer.stored, 200);
      throw new Refusal(409, 'This course was changed elsewhere since you opened it.', {
        stored: answer.stored,
        sent: course,
      });
    })
    .openapi(calendar, (context) => {
      const stored = courses.find(context.req.valid('param').id);
      if (!stored) throw missingCourse();
      const { course, revision, changedAt } = stored;
      const place = groups.find(course.groupId)?.place ?? '';
      const text = courseCalendar(course, place, revision, changedAt, today());
      return context.text(text, 200, {
        'content-type': 'text/calendar; charset=utf-8',
        'content-disposition': `attachment; filename="${course.id}.ics"`,
      });
    })
    .openapi(remove, (context) => {
      if (!courses.remove(context.req.valid('param').id, timestamp())) throw missingCourse();
      return context.body(null, 204);
    })
    .openapi(restore, (context) => {
      const { id } = context.req.valid('param');
      const stored = courses.restore(id) ? courses.find(id) : null;
      if (!stored) throw missingCourse();
      return context.json(stored, 200);
    });
}
