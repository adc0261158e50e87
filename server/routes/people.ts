import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { GroupPeople, Mention, WhoCame } from '../../core/formats/api/peopleApi';
import { Person } from '../../core/group/person';
import type { GroupStore } from '../store/groups';
import type { PeopleStore } from '../store/people';
import { mustMatch } from './reply/ifMatch';
import { Refusal } from './reply/problem';
import { body, fails, idParam, json } from './reply/replies';
import { router } from './reply/router';

const missing = { 404: fails('There is none of that id') };
const refused = { 422: fails('A field is wrong') };

const list = createRoute({
  method: 'get',
  path: '/api/groups/{id}/people',
  summary: 'The people of a group, and who came to the classes that were recorded',
  request: idParam,
  responses: { 200: json(GroupPeople, 'The people and who came'), ...missing },
});
const put = createRoute({
  method: 'put',
  path: '/api/people/{id}',
  summary: 'Add somebody to a group, or change what they are called and since when they come',
  request: { ...idParam, ...body(Person) },
  responses: { 200: json(Person, 'The person'), 409: fails('It was changed elsewhere'), ...refused },
});
const forget = createRoute({
  method: 'delete',
  path: '/api/people/{id}',
  summary: 'Forget somebody: nothing of them stays but the numbers of those who came',
  request: idParam,
  responses: { 200: json(z.array(Mention), 'Where the name still stands in words'), ...missing },
});
const note = createRoute({
  method: 'put',
  path: '/api/logs/{id}/people',
  summary: 'Say who was in a class that was recorded',
  request: { ...idParam, ...body(WhoCame) },
  responses: { 200: json(WhoCame, 'Who came'), ...missing, ...refused },
});

/** @param mentionsOf where a name still stands in words */
export const peopleRoutes = (
  people: PeopleStore,
  groups: GroupStore,
  mentionsOf: (name: string) => Promise<Mention[]>,
): OpenAPIHono =>
  router()
    .openapi(list, (context) => {
      const { id } = context.req.valid('param');
      if (!groups.find(id)) throw new Refusal(404, 'There is no such group.');
      return context.json({ people: people.of(id), came: people.came(id) }, 200);
    })
    .openapi(put, (context) => {
      const { id } = context.req.valid('param');
      const person = context.req.valid('json');
      const errors = [
        ...(person.id === id ? [] : [{ path: ['id'], message: 'must be the id in the address' }]),
        ...(groups.find(person.groupId)
          ? []
          : [{ path: ['groupId'], message: `there is no group "${person.groupId}"` }]),
      ];
      if (errors.length > 0) throw new Refusal(422, 'This person cannot be written down.', { errors });
      mustMatch(context, people.find(id), 'person');
      people.put(person);
      return context.json(person, 200);
    })
    .openapi(forget, async (context) => {
      const { id } = context.req.valid('param');
      const called = people.forget(id);
      if (called === null) throw new Refusal(404, 'There is no such person.');
      return context.json(called === '' ? [] : await mentionsOf(called), 200);
    })
    .openapi(note, (context) => {
      const { id } = context.req.valid('param');
      const { people: came } = context.req.valid('json');
      const errors = came.flatMap((one, place) =>
        people.find(one) ? [] : [{ path: ['people', place], message: `there is no person "${one}"` }],
      );
      if (errors.length > 0) throw new Refusal(422, 'Somebody who came is not there.', { errors });
      if (!people.note(id, came)) throw new Refusal(404, 'There is no such log.');
      return context.json({ people: came }, 200);
    });
