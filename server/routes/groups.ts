import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Group, GroupAsked } from '../../core/group/group';
import { Schools } from '../../core/movement/adapt/schools';
import { Takes } from '../../core/session/plan/takes';
import { now, timestamp } from '../clock/clock';
import type { GroupStore } from '../store/groups';
import type { HallStore } from '../store/halls';
import type { ReckonWith } from '../store/reckonWith';
import { mustMatch } from './reply/ifMatch';
import { Refusal } from './reply/problem';
import { body, fails, idParam, json } from './reply/replies';
import { router } from './reply/router';

const onePath = '/api/groups/{id}';
const missing = { 404: fails('There is none of that id') };
const refused = { 422: fails('A field is wrong') };

const list = createRoute({
  method: 'get',
  path: '/api/groups',
  summary: 'All groups',
  responses: { 200: json(z.array(Group), 'The groups by name') },
});
const away = createRoute({
  method: 'get',
  path: '/api/groups/put-away',
  summary: 'The groups that are put away',
  responses: { 200: json(z.array(Group), 'The groups by name') },
});
const add = createRoute({
  method: 'post',
  path: '/api/groups',
  summary: 'Add a group',
  request: body(Group),
  responses: { 201: json(Group, 'The group'), 409: fails('The id is taken'), ...refused },
});
const change = createRoute({
  method: 'put',
  path: onePath,
  summary: 'Change a group',
  request: { ...idParam, ...body(Group) },
  responses: { 200: json(Group, 'The group'), 409: fails('It was changed elsewhere'), ...missing, ...refused },
});
const remove = createRoute({
  method: 'delete',
  path: onePath,
  summary: 'Put a group away; its classes and courses stay, and it can be brought back',
  request: idParam,
  responses: { 204: { description: 'It is put away' }, ...missing },
});
const restore = createRoute({
  method: 'post',
  path: '/api/groups/{id}/restore',
  summary: 'Bring a group back that was put away',
  request: idParam,
  responses: { 200: json(Group, 'The group'), ...missing },
});
const ask = createRoute({
  method: 'put',
  path: '/api/groups/{id}/asked',
  summary: 'Say how much may be asked of a group',
  request: { ...idParam, ...body(GroupAsked) },
  responses: { 200: json(Group, 'The group'), ...missing, ...refused },
});
const teach = createRoute({
  method: 'put',
  path: '/api/groups/{id}/schools',
  summary: 'Say how a group is taught where schools disagree',
  request: { ...idParam, ...body(Schools) },
  responses: { 200: json(Group, 'The group'), ...missing, ...refused },
});

const reckon = createRoute({
  method: 'put',
  path: '/api/groups/{id}/takes',
  summary: 'Reckon the coming classes of a group with how long their parts really take; {} reckons them as usual again',
  request: { ...idParam, ...body(Takes) },
  responses: {
    200: json(z.object({ group: Group, classes: z.number().int() }), 'The group, and how many classes have changed'),
    ...missing,
    ...refused,
  },
});

const missingGroup = () => new Refusal(404, 'There is no such group.');

/** The group as it is now that something was said of it. */
function told(groups: GroupStore, id: string, wasThere: boolean): Group {
  const group = wasThere ? groups.find(id) : null;
  if (!group) throw missingGroup();
  return group;
}

/** Refuses a group whose hall is not there. */
function mustHaveHall({ hallId }: Group, halls: HallStore): void {
  if (hallId === null || halls.find(hallId)) return;
  const errors = [{ path: ['hallId'], message: `there is no hall "${hallId}"` }];
  throw new Refusal(422, 'This group cannot be written down.', { errors });
}

export const groupRoutes = (groups: GroupStore, halls: HallStore, reckonWith: ReckonWith): OpenAPIHono =>
  router()
    .openapi(list, (context) => context.json(groups.all(), 200))
    .openapi(away, (context) => context.json(groups.putAway(), 200))
    .openapi(add, (context) => {
      const group = context.req.valid('json');
      mustHaveHall(group, halls);
      if (!groups.add(group)) throw new Refusal(409, 'A group of that id is already there.');
      return context.json(told(groups, group.id, true), 201);
    })
    .openapi(change, (context) => {
      const { id } = context.req.valid('param');
      const group = context.req.valid('json');
      if (group.id !== id) {
        const errors = [{ path: ['id'], message: 'must be the id in the address' }];
        throw new Refusal(422, 'The group and the address do not match.', { errors });
      }
      mustMatch(context, groups.find(id), 'group');
      mustHaveHall(group, halls);
      return context.json(told(groups, id, groups.change(group)), 200);
    })
    .openapi(remove, (context) => {
      if (!groups.remove(context.req.valid('param').id, timestamp())) throw missingGroup();
      return context.body(null, 204);
    })
    .openapi(restore, (context) => {
      const { id } = context.req.valid('param');
      return context.json(told(groups, id, groups.restore(id)), 200);
    })
    .openapi(ask, (context) => {
      const { id } = context.req.valid('param');
      return context.json(told(groups, id, groups.ask(id, context.req.valid('json'))), 200);
    })
    .openapi(teach, (context) => {
      const { id } = context.req.valid('param');
      return context.json(told(groups, id, groups.teach(id, context.req.valid('json'))), 200);
    })
    .openapi(reckon, (context) => {
      const { id } = context.req.valid('param');
      const at = now();
      const monday = at.subtract((at.day() + 6) % 7, 'day').format('YYYY-MM-DD');
      const day = { today: at.format('YYYY-MM-DD'), monday, now: at.toISOString() };
      const classes = reckonWith(id, context.req.valid('json'), day);
      return context.json({ group: told(groups, id, classes !== null), classes: classes ?? 0 }, 200);
    });
