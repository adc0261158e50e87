import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import dayjs from 'dayjs';
import {
  Conflict,
  NewSession,
  RedrawnSession,
  SessionSave,
  SessionSummary,
  SessionsPage,
  SessionsWhen,
  StoredSession,
} from '../../core/formats/api/api';
import type { FindMovement } from '../../core/movement/schema/movement';
import type { Session } from '../../core/session/plan/session';
import { planProblems } from '../../core/session/schedule/timeline';
import { CalendarDay } from '../../core/words/calendarDay';
import { timestamp } from '../clock/clock';
import type { GroupStore } from '../store/groups';
import type { SaveAnswer } from '../store/revised';
import type { SessionStore } from '../store/sessions';
import type { Summaries } from '../workedOut/summaries';
import { Refusal } from './reply/problem';
import { body, fails, idParam, json } from './reply/replies';
import { router } from './reply/router';

const path = '/api/sessions';
const onePath = '/api/sessions/{id}';
const missing = { 404: fails('There is none of that id') };
const refused = { 422: fails('A field is wrong') };

const list = createRoute({
  method: 'get',
  path,
  summary: 'All sessions, in short',
  responses: { 200: json(z.array(SessionSummary), 'The sessions by day and time') },
});
const PAGE = 50;
const page = createRoute({
  method: 'get',
  path: '/api/sessions/page',
  summary: 'Some sessions in short: those that come, then those without a day, then the past, the latest first',
  request: {
    query: z.object({
      when: SessionsWhen.default('all'),
      group: z.string().max(60).optional(),
      course: z.string().max(60).optional(),
      words: z.string().max(80).optional(),
      from: z.coerce.number().int().min(0).max(1_000_000).default(0),
      size: z.coerce.number().int().min(1).max(200).default(PAGE),
      today: CalendarDay,
    }),
  },
  responses: { 200: json(SessionsPage, 'The rows asked for, and how many there are'), ...refused },
});
const short = createRoute({
  method: 'get',
  path: '/api/sessions/{id}/summary',
  summary: 'One session in short',
  request: idParam,
  responses: { 200: json(SessionSummary, 'The session in short'), ...missing },
});
const add = createRoute({
  method: 'post',
  path,
  summary: 'Add a session',
  request: body(NewSession),
  responses: { 201: json(StoredSession, 'The session as stored'), 409: fails('The id is taken'), ...refused },
});
const one = createRoute({
  method: 'get',
  path: onePath,
  summary: 'One session',
  request: idParam,
  responses: { 200: json(StoredSession, 'The session'), ...missing },
});
const save = createRoute({
  method: 'put',
  path: onePath,
  summary: 'Save a session over the revision it was made from',
  request: { ...idParam, ...body(SessionSave) },
  responses: {
    200: json(StoredSession, 'The session as stored'),
    409: { content: { 'application/problem+json': { schema: Conflict } }, description: 'The store holds a newer one' },
    ...missing,
    ...refused,
  },
});
const remove = createRoute({
  method: 'delete',
  path: onePath,
  summary: 'Take a session away; it can be brought back',
  request: idParam,
  responses: { 204: { description: 'It is gone from sight' }, ...missing },
});
const restore = createRoute({
  method: 'post',
  path: '/api/sessions/{id}/restore',
  summary: 'Bring a session back that was taken away',
  request: idParam,
  responses: {
    200: json(StoredSession, 'The session'),
    409: fails('Its course has had the class drawn up once more'),
    ...missing,
  },
});

const base = createRoute({
  method: 'get',
  path: '/api/sessions/{id}/base',
  summary: 'A class of a course as it was last drawn up, without what was changed by hand',
  request: idParam,
  responses: { 200: json(NewSession, 'The class as it was drawn up'), ...missing },
});
const redraw = createRoute({
  method: 'put',
  path: '/api/sessions/{id}/redrawn',
  summary: 'Save a class that was drawn up again, and what it was drawn up as; one that was taught is never changed',
  request: { ...idParam, ...body(RedrawnSession) },
  responses: {
    200: json(StoredSession, 'The session as stored'),
    409: {
      content: { 'application/problem+json': { schema: Conflict } },
      description: 'The store holds a newer one, or the class has been taught',
    },
    ...missing,
    ...refused,
  },
});

const missingClass = () => new Refusal(404, 'There is no such class.');

export function sessionRoutes(
  sessions: SessionStore,
  groups: GroupStore,
  isTaught: (id: string) => boolean,
  summaries: Summaries,
  find: FindMovement,
): OpenAPIHono {
  /** What the schema cannot see: movements and groups that do not exist. */
  const refuseUnknown = (session: Session): void => {
    const errors = planProblems(session, find).map(({ path: at, message }) => ({
      path: ['session', ...at],
      message,
    }));
    if (session.groupId !== null && !groups.find(session.groupId)) {
      errors.push({ path: ['session', 'groupId'], message: `there is no group "${session.groupId}"` });
    }
    if (errors.length > 0)
      throw new Refusal(422, 'The class names something that does not exist, or is too large to be laid out.', {
        errors,
      });
  };

  /** A save as it is answered; what was sent is never lost where the store holds something newer. */
  const savedOf = (answer: SaveAnswer<StoredSession>, sent: Session): StoredSession => {
    switch (answer.kind) {
      case 'saved':
        return answer.stored;
      case 'missing':
        throw missingClass();
      case 'newer':
        throw new Refusal(409, 'This class was changed elsewhere since you opened it.', {
          stored: answer.stored,
          sent,
        });
    }
  };
  const refuseOtherId = (path: string, ...classes: Session[]): void => {
    if (classes.every(({ id }) => id === path)) return;
    const errors = [{ path: ['session', 'id'], message: 'must be the id in the address' }];
    throw new Refusal(422, 'The class and the address do not match.', { errors });
  };

  return router()
    .openapi(list, async (context) => context.json(await summaries.some(sessions.revisions()), 200))
    .openapi(page, async (context) => {
      const { group, course, ...asked } = context.req.valid('query');
      const day = dayjs(asked.today);
      const monday = day.subtract((day.day() + 6) % 7, 'day').format('YYYY-MM-DD');
      const { total, rows } = sessions.page({ ...asked, groupId: group, courseId: course, monday });
      return context.json({ total, rows: await summaries.some(rows) }, 200);
    })
    .openapi(short, (context) => {
      const summary = summaries.of(context.req.valid('param').id);
      if (!summary) throw missingClass();
      return context.json(summary, 200);
    })
    .openapi(add, (context) => {
      const { session } = context.req.valid('json');
      refuseUnknown(session);
      if (session.course && sessions.drawnFor(session.course) !== null)
        throw new Refusal(409, 'This class of the course is there already.');
      const stored = sessions.add(session, timestamp());
      if (!stored) throw new Refusal(409, 'A class of that id is already there.');
      return context.json(stored, 201);
    })
    .openapi(one, (context) => {
      const stored = sessions.find(context.req.valid('param').id);
      if (!stored) throw missingClass();
      return context.json(stored, 200);
    })
    .openapi(save, (context) => {
      const { session, revision } = context.req.valid('json');
      refuseOtherId(context.req.valid('param').id, session);
      refuseUnknown(session);
      return context.json(savedOf(sessions.save(session, revision, timestamp()), session), 200);
    })
    .openapi(base, (context) => {
      const session = sessions.baseOf(context.req.valid('param').id);
      if (!session) throw missingClass();
      return context.json({ session }, 200);
    })
    .openapi(redraw, (context) => {
      const { id } = context.req.valid('param');
      const { session, base: drawn, revision } = context.req.valid('json');
      refuseOtherId(id, session, drawn);
      refuseUnknown(session);
      if (isTaught(id)) throw new Refusal(409, 'This class has been taught; it stays as it is.');
      return context.json(savedOf(sessions.redraw(session, drawn, revision, timestamp()), session), 200);
    })
    .openapi(remove, (context) => {
      if (!sessions.remove(context.req.valid('param').id, timestamp())) throw missingClass();
      return context.body(null, 204);
    })
    .openapi(restore, (context) => {
      const { id } = context.req.valid('param');
      if (sessions.isDrawnAgain(id))
        throw new Refusal(409, 'The course has this class once more since. Take that one away first.');
      const stored = sessions.restore(id) ? sessions.find(id) : null;
      if (!stored) throw missingClass();
      return context.json(stored, 200);
    });
}
