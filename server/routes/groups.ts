import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Group, GroupAsked } from '../../core/group/group';
import { Schools } from '../../core/movement/adapt/schools';
import type { GroupStore } from '../store/groups';
import { Refusal } from './problem';
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

const teach = createRoute({
  method: 'put',
  path: '/api/groups/{id}/schools',
  summary: 'Say how a group is taught where schools disagree',
  request: { ...idParam, ...body(Schools) },
  responses: { 200: json(Group, 'The group'), 404: fails('There is none of that id'), 422: fails('A field is wrong') },
});

/** The group as it is now that something was said of it. */
function told(groups: GroupStore, id: string, wasThere: boolean): Group {
  const group = wasThere ? groups.find(id) : null;
  if (!group) throw new Refusal(404, 'There is no such group.');
  return group;
}

export const groupRoutes = (groups: GroupStore): OpenAPIHono =>
  router()
    .openapi(list, (context) => context.json(groups.all(), 200))
    .openapi(ask, (context) => {
      const { id } = context.req.valid('param');
      return context.json(told(groups, id, groups.ask(id, context.req.valid('json'))), 200);
    })
    .openapi(teach, (context) => {
      const { id } = context.req.valid('param');
      return context.json(told(groups, id, groups.teach(id, context.req.valid('json'))), 200);
    });
