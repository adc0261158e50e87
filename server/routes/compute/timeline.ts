import { createRoute, type OpenAPIHono } from '@hono/zod-openapi';
import { TimelineReply, TimelineRequest } from '../../../core/formats/api';
import type { FindMovement } from '../../../core/movement/schema/movement';
import { forecastFor } from '../../../core/session/report/forecast';
import { slotVerdict } from '../../../core/session/report/slotVerdict';
import { timelineOf } from '../../../core/session/schedule/timeline';
import { Refusal } from '../reply/problem';
import { body, fails, json } from '../reply/replies';
import { router } from '../reply/router';

const timeline = createRoute({
  method: 'post',
  path: '/api/compute/timeline',
  summary: 'Lay a session out in time',
  request: body(TimelineRequest),
  responses: {
    200: json(TimelineReply, 'Segments, stretches and totals in whole milliseconds'),
    422: fails('A field is wrong'),
  },
});

export const computeRoutes = (find: FindMovement): OpenAPIHono =>
  router().openapi(timeline, (context) => {
    const { session, movements } = context.req.valid('json');
    const inline = new Map(movements.map((movement) => [movement.id, movement]));
    const finding = (id: string) => inline.get(id) ?? find(id);
    const answer = timelineOf(session, finding);
    if (!answer.ok) {
      const errors = answer.problems.map(({ path, message }) => ({ path: ['session', ...path], message }));
      throw new Refusal(422, 'The session names something that does not exist.', { errors });
    }
    const verdict = slotVerdict(forecastFor(session, answer.timeline, finding), session);
    return context.json({ timeline: answer.timeline, verdict }, 200);
  });
