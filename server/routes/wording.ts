import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Wording } from '../../core/movement/adapt/wording';
import { timestamp } from '../clock/clock';
import type { MovementStore } from '../store/movements';
import type { WordingStore } from '../store/wording';
import { Refusal } from './reply/problem';
import { body, fails, json } from './reply/replies';
import { router } from './reply/router';

const list = createRoute({
  method: 'get',
  path: '/api/wording',
  summary: 'The calls that are said otherwise than they are written',
  responses: { 200: json(z.array(Wording), 'By movement') },
});
const put = createRoute({
  method: 'put',
  path: '/api/wording/{movementId}',
  summary: 'Say the calls of a movement in own words; none says them as they are written',
  request: { params: z.object({ movementId: z.string() }), ...body(Wording) },
  responses: {
    200: json(z.array(Wording), 'All that is said otherwise'),
    404: fails('There is no such movement'),
    422: fails('A field is wrong'),
  },
});

export const wordingRoutes = (wording: WordingStore, movements: MovementStore): OpenAPIHono =>
  router()
    .openapi(list, (context) => context.json([...wording.all()], 200))
    .openapi(put, (context) => {
      const said = context.req.valid('json');
      if (said.movementId !== context.req.valid('param').movementId)
        throw new Refusal(422, 'The address names another movement.');
      if (!movements.newest(said.movementId)) throw new Refusal(404, 'There is no such movement.');
      wording.put(said, timestamp());
      return context.json([...wording.all()], 200);
    });
