import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { AsideRule } from '../../core/session/plan/setAside';
import { timestamp } from '../clock/clock';
import type { AsideStore } from '../store/asides';
import { Refusal } from './reply/problem';
import { body, fails, json } from './reply/replies';
import { router } from './reply/router';

const path = '/api/asides';
const AsidePlace = AsideRule.pick({ code: true, movement: true });

const list = createRoute({
  method: 'get',
  path,
  summary: 'What is set aside for good',
  responses: { 200: json(z.array(AsideRule), 'The rules') },
});
const put = createRoute({
  method: 'put',
  path,
  summary: 'Set a kind of finding aside for good',
  request: body(AsideRule),
  responses: { 200: json(z.array(AsideRule), 'All rules'), 422: fails('A field is wrong') },
});
const remove = createRoute({
  method: 'delete',
  path,
  summary: 'Let a kind of finding speak again',
  request: body(AsidePlace),
  responses: { 200: json(z.array(AsideRule), 'All rules'), 404: fails('There is no such rule') },
});

export const asideRoutes = (asides: AsideStore): OpenAPIHono =>
  router()
    .openapi(list, (context) => context.json(asides.all(), 200))
    .openapi(put, (context) => {
      asides.put(context.req.valid('json'), timestamp());
      return context.json(asides.all(), 200);
    })
    .openapi(remove, (context) => {
      const { code, movement } = context.req.valid('json');
      if (!asides.remove(code, movement)) throw new Refusal(404, 'Nothing of the kind is set aside.');
      return context.json(asides.all(), 200);
    });
