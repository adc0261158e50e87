import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Passage } from '../../core/session/plan/lineSet';
import { timestamp } from '../clock/clock';
import type { PassageStore } from '../store/passages';
import { Refusal } from './reply/problem';
import { body, fails, json } from './reply/replies';
import { router } from './reply/router';

const path = '/api/passages/{id}';
const params = z.object({ id: z.string() });

const list = createRoute({
  method: 'get',
  path: '/api/passages',
  summary: 'The passages that are kept',
  responses: { 200: json(z.array(Passage), 'Rows of lines, by name') },
});
const put = createRoute({
  method: 'put',
  path,
  summary: 'Keep a passage under its next version',
  request: { params, ...body(Passage) },
  responses: {
    200: json(z.array(Passage), 'All passages'),
    409: fails('It has been changed since'),
    422: fails('A field is wrong'),
  },
});
const remove = createRoute({
  method: 'delete',
  path,
  summary: 'Keep a passage no longer; classes that hold it stay as they are',
  request: { params },
  responses: { 200: json(z.array(Passage), 'All passages'), 404: fails('There is no such passage') },
});

export const passageRoutes = (passages: PassageStore): OpenAPIHono =>
  router()
    .openapi(list, (context) => context.json(passages.all(), 200))
    .openapi(put, (context) => {
      const passage = context.req.valid('json');
      if (passage.id !== context.req.valid('param').id) throw new Refusal(422, 'The address names another passage.');
      const answer = passages.put(passage, timestamp());
      if (answer.kind === 'newer')
        throw new Refusal(409, `“${answer.stored.name}” has been changed since.`, { stored: answer.stored });
      return context.json(passages.all(), 200);
    })
    .openapi(remove, (context) => {
      if (!passages.remove(context.req.valid('param').id)) throw new Refusal(404, 'This passage is not kept any more.');
      return context.json(passages.all(), 200);
    });
