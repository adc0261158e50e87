import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Group, GroupAsked } from '../../core/group/group';
import { Refusal } from '../problem';
import type { GroupStore } from '../store/groups';
import { body, fails, idParam, json } from './replies';
import { router } from './router';

const list = createRoute({
  method: 'get',
  path: '/api/groups',
  summary: 'All groups',
  responses: { 200: json(z.array(Group), 'The groups by name') },
});
const ask = createRoute({
  method: 'put',
  path: '/api/groups/{id}/asked',
  summary: 'Say how much may be asked of a group',
  request: { ...idParam, ...body(GroupAsked) },
  responses: { 200: json(Group, 'The group'), 404: fails('There is none of that id'), 422: fails('A field is wrong') },
});

export const groupRoutes = (groups: GroupStore): OpenAPIHono =>
  router()
    .openapi(list, (context) => context.json(groups.all(), 200))
    .openapi(ask, (context) => {
      const { id } = context.req.valid('param');
      const group = groups.ask(id, context.req.valid('json')) ? groups.find(id) : null;
      if (!group) throw new Refusal(404, 'There is no such group.');
      return context.json(group, 200);
    });
