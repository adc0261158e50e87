import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { OwnPractice, TallyAct } from '../../../core/practice/ownPractice';
import type { OwnPracticeStore } from '../../store/record/ownPractice';
import { Refusal } from '../reply/problem';
import { body, fails, idParam, json } from '../reply/replies';
import { router } from '../reply/router';

const path = '/api/own-practice';
const onePath = '/api/own-practice/{id}';
const answer = { 200: json(z.array(OwnPractice), 'All that is practised') };
const missing = { 404: fails('There is none of that id') };
const refused = { 422: fails('A field is wrong') };

const list = createRoute({ method: 'get', path, summary: 'What the instructor practises', responses: answer });
const put = createRoute({
  method: 'put',
  path: onePath,
  summary: 'Add something that is practised, or change its name and aim; its tally stays',
  request: { ...idParam, ...body(OwnPractice) },
  responses: { ...answer, ...refused },
});
const remove = createRoute({
  method: 'delete',
  path: onePath,
  summary: 'Practise it no longer: it goes with its tally',
  request: idParam,
  responses: { ...answer, ...missing },
});
const act = createRoute({
  method: 'post',
  path: '/api/own-practice/{id}/tally',
  summary: 'Count, take back, begin or end a time',
  request: { ...idParam, ...body(TallyAct) },
  responses: { ...answer, ...missing, ...refused },
});

export const ownPracticeRoutes = (practices: OwnPracticeStore): OpenAPIHono =>
  router()
    .openapi(list, (context) => context.json(practices.all(), 200))
    .openapi(put, (context) => {
      const practice = context.req.valid('json');
      if (practice.id !== context.req.valid('param').id) {
        const errors = [{ path: ['id'], message: 'must be the id in the address' }];
        throw new Refusal(422, 'The practice and the address do not match.', { errors });
      }
      practices.put(practice);
      return context.json(practices.all(), 200);
    })
    .openapi(remove, (context) => {
      if (!practices.remove(context.req.valid('param').id)) throw new Refusal(404, 'There is no such practice.');
      return context.json(practices.all(), 200);
    })
    .openapi(act, (context) => {
      const { id } = context.req.valid('param');
      if (!practices.act(id, context.req.valid('json'))) throw new Refusal(404, 'There is no such practice.');
      return context.json(practices.all(), 200);
    });
