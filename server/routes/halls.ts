import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Hall } from '../../core/hall/hall';
import type { HallStore } from '../store/halls';
import { mustMatch } from './reply/ifMatch';
import { Refusal } from './reply/problem';
import { body, fails, idParam, json } from './reply/replies';
import { router } from './reply/router';

const missing = { 404: fails('There is none of that id') };
const refused = { 422: fails('A field is wrong') };

const list = createRoute({
  method: 'get',
  path: '/api/halls',
  summary: 'All halls',
  responses: { 200: json(z.array(Hall), 'The halls by name') },
});
const put = createRoute({
  method: 'put',
  path: '/api/halls/{id}',
  summary: 'Add a hall, or change it',
  request: { ...idParam, ...body(Hall) },
  responses: { 200: json(Hall, 'The hall'), 409: fails('It was changed elsewhere'), ...refused },
});
const remove = createRoute({
  method: 'delete',
  path: '/api/halls/{id}',
  summary: 'Take a hall away; the groups that meet there stay, and have none',
  request: idParam,
  responses: { 204: { description: 'It is gone' }, ...missing },
});

export const hallRoutes = (halls: HallStore): OpenAPIHono =>
  router()
    .openapi(list, (context) => context.json(halls.all(), 200))
    .openapi(put, (context) => {
      const { id } = context.req.valid('param');
      const hall = context.req.valid('json');
      if (hall.id !== id)
        throw new Refusal(422, 'This hall cannot be written down.', {
          errors: [{ path: ['id'], message: 'must be the id in the address' }],
        });
      mustMatch(context, halls.find(id), 'hall');
      halls.put(hall);
      return context.json(hall, 200);
    })
    .openapi(remove, (context) => {
      if (!halls.remove(context.req.valid('param').id)) throw new Refusal(404, 'There is no such hall.');
      return context.body(null, 204);
    });
