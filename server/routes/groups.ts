import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Group } from '../../core/group/group';
import type { GroupStore } from '../store/groups';
import { json } from './replies';
import { router } from './router';

const list = createRoute({
  method: 'get',
  path: '/api/groups',
  summary: 'All groups',
  responses: { 200: json(z.array(Group), 'The groups by name') },
});

export const groupRoutes = (groups: GroupStore): OpenAPIHono =>
  router().openapi(list, (context) => context.json(groups.all(), 200));
