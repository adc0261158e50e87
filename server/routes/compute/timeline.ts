import type { z } from '@hono/zod-openapi';
import { createRoute, type OpenAPIHono } from '@hono/zod-openapi';
import { TimelineReply, TimelineRequest } from '../../../core/formats/api/api';
import type { FindMovement } from '../../../core/movement/schema/movement';
import { movementIdsOf } from '../../../core/session/schedule/settleItem';
import { layOutBeside } from '../../threads/layOutInThread';
import { Refusal } from '../reply/problem';
import { body, fails, json } from '../reply/replies';
import { router } from '../reply/router';
import { writtenJson } from '../reply/written';

const timeline = createRoute({
  method: 'post',
  path: '/api/compute/timeline',
  summary: 'Lay a session out in time',
  request: body(TimelineRequest),
  responses: {
    200: json(TimelineReply, 'Segments, stretches and totals in whole milliseconds'),
    422: fails('A field is wrong'),
    503: fails('What lays classes out has stopped'),
  },
});

export function computeRoutes(find: FindMovement): OpenAPIHono {
  const layOut = layOutBeside();
  return router().openapi(timeline, async (context) => {
    const { session, movements: inline } = context.req.valid('json');
    const sent = new Map(inline.map((movement) => [movement.id, movement]));
    const movements = new Map(
      movementIdsOf(session.sections).flatMap((id) => {
        const movement = sent.get(id) ?? find(id);
        return movement ? [[id, movement] as const] : [];
      }),
    );
    const laidOut = await layOut({ session, movements }).catch((error) => {
      console.error(error);
      throw new Refusal(503, 'What lays classes out has stopped. Ask again in a moment.');
    });
    if (!laidOut.ok) {
      const errors = laidOut.problems.map(({ path, message }) => ({ path: ['session', ...path], message }));
      throw new Refusal(422, 'The session names something that does not exist.', { errors });
    }
    // The text is already the reply: reading it again would only hold the server up.
    return writtenJson<z.infer<typeof TimelineReply>>(context, laidOut.text);
  });
}
