import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Movement } from '../../core/movement/movement';
import { Refusal } from '../problem';
import { fails, idParam, json } from './replies';
import { router } from './router';

const list = createRoute({
  method: 'get',
  path: '/api/movements',
  summary: 'All movements of the repertoire',
  responses: { 200: json(z.array(Movement), 'The movements in alphabetical order of their ids') },
});

const one = createRoute({
  method: 'get',
  path: '/api/movements/{id}',
  summary: 'One movement',
  request: idParam,
  responses: { 200: json(Movement, 'The movement'), 404: fails('There is none of that id') },
});

export const movementRoutes = (movements: ReadonlyMap<string, Movement>): OpenAPIHono =>
  router()
    .openapi(list, (context) => context.json([...movements.values()], 200))
    .openapi(one, (context) => {
      const movement = movements.get(context.req.valid('param').id);
      if (!movement) throw new Refusal(404, 'There is no such movement.');
      return context.json(movement, 200);
    });
