import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Felt, FeltIn } from '../../../core/record/felt';
import { inSlices } from '../../clock/inSlices';
import type { PeopleStore } from '../../store/people';
import type { FeltStore } from '../../store/record/felt';
import type { RecordFigures } from '../../workedOut/recordFigures';
import { Refusal } from '../reply/problem';
import { body, fails, idParam, json } from '../reply/replies';
import { router } from '../reply/router';

const FeltList = z
  .array(Felt)
  .max(100)
  .refine((all) => new Set(all.map(({ id }) => id)).size === all.length, 'two of them share an id');

const list = createRoute({
  method: 'get',
  path: '/api/felt',
  summary: 'What was felt in all classes that were recorded',
  responses: { 200: json(z.array(FeltIn), 'What was felt, class by class') },
});
const put = createRoute({
  method: 'put',
  path: '/api/logs/{id}/felt',
  summary: 'Say what was felt in a class, in place of what was said before',
  request: { ...idParam, ...body(FeltList) },
  responses: {
    200: json(FeltList, 'What was felt'),
    404: fails('There is none of that id'),
    422: fails('A field is wrong'),
  },
});

export const feltRoutes = (felt: FeltStore, figures: RecordFigures, people: PeopleStore): OpenAPIHono =>
  router()
    .openapi(list, async (context) => {
      const shown: FeltIn[] = [];
      await inSlices(felt.all(), (one) => {
        const lines = one.itemId === null ? null : figures.of(one.logId)?.lines;
        shown.push({ ...one, movementId: (one.itemId !== null && lines?.[one.itemId]) || null });
      });
      return context.json(shown, 200);
    })
    .openapi(put, (context) => {
      const said = context.req.valid('json');
      const errors = said.flatMap(({ personId }, place) =>
        personId === null || people.find(personId)
          ? []
          : [{ path: [place, 'personId'], message: `there is no person "${personId}"` }],
      );
      if (errors.length > 0) throw new Refusal(422, 'Somebody is not there.', { errors });
      if (!felt.put(context.req.valid('param').id, said)) throw new Refusal(404, 'There is no such log.');
      return context.json(said, 200);
    });
