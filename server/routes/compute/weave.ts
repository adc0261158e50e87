import { createRoute, type OpenAPIHono } from '@hono/zod-openapi';
import { WeaveReply, WeaveRequest } from '../../../core/formats/api/courseApi';
import { weaveInThread } from '../../threads/weaveInThread';
import { Refusal } from '../reply/problem';
import { body, fails, json } from '../reply/replies';
import { router } from '../reply/router';

/** So many are woven at a time; each takes a processor for itself. */
const MOST_AT_ONCE = 2;

const weaveRoute = createRoute({
  method: 'post',
  path: '/api/compute/weave',
  summary: 'Weave threads into classes: the best plan found in so many seconds, and what no plan can cost less than',
  request: body(WeaveRequest),
  responses: {
    200: json(WeaveReply, 'A legal plan, its cost and a proven bound'),
    422: fails('A field is wrong'),
    503: fails('Enough is being woven already'),
  },
});

export function weaveRoutes(): OpenAPIHono {
  let weaving = 0;
  return router().openapi(weaveRoute, async (context) => {
    const { instance, seconds, start } = context.req.valid('json');
    if (weaving >= MOST_AT_ONCE) throw new Refusal(503, 'Other plans are being woven just now. Ask again in a moment.');
    weaving += 1;
    try {
      const { plan, cost, bound } = await weaveInThread(
        { instance, seconds, ...(start && { start }) },
        context.req.raw.signal,
      );
      return context.json({ plan, cost, bound }, 200);
    } finally {
      weaving -= 1;
    }
  });
}
