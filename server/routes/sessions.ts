import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Conflict, NewSession, SessionSave, SessionSummary, StoredSession } from '../../core/formats/api';
import type { FindMovement } from '../../core/movement/schema/movement';
import type { Session } from '../../core/session/plan/session';
import { missingMovements } from '../../core/session/schedule/timeline';
import type { GroupStore } from '../store/groups';
import type { SessionStore } from '../store/sessions';
import { Refusal } from './reply/problem';
import { body, fails, idParam, json } from './reply/replies';
import { router } from './reply/router';
import { summaryOf } from './sessionSummary';

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
  responses: { 200: json(StoredSession, 'The session'), ...missing },
});

const missingClass = () => new Refusal(404, 'There is no such class.');

export function sessionRoutes(sessions: SessionStore, groups: GroupStore, find: FindMovement): OpenAPIHono {
  const now = () => new Date().toISOString();

  /** What the schema cannot see: movements and groups that do not exist. */
  const refuseUnknown = (session: Session): void => {
    const errors = missingMovements(session, find).map(({ path: at, message }) => ({
      path: ['session', ...at],
      message,
    }));
    if (session.groupId !== null && !groups.find(session.groupId)) {
      errors.push({ path: ['session', 'groupId'], message: `there is no group "${session.groupId}"` });
    }
    if (errors.length > 0) throw new Refusal(422, 'The class names something that does not exist.', { errors });
  };

  return router()
    .openapi(list, (context) =>
      context.json(
        sessions.all().map((stored) => summaryOf(stored, find)),
        200,
      ),
    )
    .openapi(add, (context) => {
      const { session } = context.req.valid('json');
      refuseUnknown(session);
      const stored = sessions.add(session, now());
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
      if (session.id !== context.req.valid('param').id) {
        const errors = [{ path: ['session', 'id'], message: 'must be the id in the address' }];
        throw new Refusal(422, 'The class and the address do not match.', { errors });
      }
      refuseUnknown(session);
      const answer = sessions.save(session, revision, now());
      switch (answer.kind) {
        case 'saved':
          return context.json(answer.stored, 200);
        case 'missing':
          throw missingClass();
        case 'newer':
          throw new Refusal(409, 'This class was changed elsewhere since you opened it.', {
            stored: answer.stored,
            sent: session,
          });
      }
    })
    .openapi(remove, (context) => {
      if (!sessions.remove(context.req.valid('param').id, now())) throw missingClass();
      return context.body(null, 204);
    })
    .openapi(restore, (context) => {
      const { id } = context.req.valid('param');
      const stored = sessions.restore(id) ? sessions.find(id) : null;
      if (!stored) throw missingClass();
      return context.json(stored, 200);
    });
}
