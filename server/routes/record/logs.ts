import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { LearntPart, LogAnswer, LogNotes, LogSummary } from '../../../core/formats/api/api';
import { RecordedOtherwise, TaughtClass } from '../../../core/formats/api/taughtClass';
import { learn, type Observation } from '../../../core/record/calibrate';
import { ClassLog } from '../../../core/record/classLog';
import { LogPoint } from '../../../core/record/logPoint';
import { inSlices } from '../../clock/inSlices';
import type { LogStore } from '../../store/record/logs';
import type { recordClass } from '../../store/record/recordClass';
import type { SessionStore } from '../../store/sessions';
import type { RecordFigures } from '../../workedOut/recordFigures';
import { Refusal } from '../reply/problem';
import { body, fails, idParam, json } from '../reply/replies';
import { router } from '../reply/router';

const path = '/api/logs';
const onePath = '/api/logs/{id}';
const missing = { 404: fails('There is none of that id') };
const refused = { 422: fails('A field is wrong') };

const list = createRoute({
  method: 'get',
  path,
  summary: 'All classes taught, in short',
  responses: { 200: json(z.array(LogSummary), 'The newest first') },
});
const one = createRoute({
  method: 'get',
  path: onePath,
  summary: 'One class as it was taught',
  request: idParam,
  responses: { 200: json(ClassLog, 'The log'), ...missing },
});
const add = createRoute({
  method: 'post',
  path,
  summary: 'Record a class, with who came and how what was taught was taken',
  request: body(TaughtClass),
  responses: {
    201: json(ClassLog, 'The log as stored'),
    200: json(ClassLog, 'The same class was recorded before; it is not recorded twice'),
    409: {
      content: { 'application/problem+json': { schema: RecordedOtherwise } },
      description: 'Another record of the same class is there, as another device wrote it',
    },
    ...refused,
  },
});
const annotate = createRoute({
  method: 'put',
  path: onePath,
  summary: 'Say how many came and what to remember',
  request: { ...idParam, ...body(LogNotes) },
  responses: { 200: json(ClassLog, 'The log'), ...missing, ...refused },
});

const learnt = createRoute({
  method: 'get',
  path: `${path}/learnt`,
  summary: 'How long the parts of a line really take with each group, by the parts that a person ended',
  responses: { 200: json(z.array(LearntPart), 'What has been learnt') },
});

const answer = createRoute({
  method: 'post',
  path: '/api/logs/{id}/answered',
  summary: 'Say that something the class left open is answered',
  request: { ...idParam, ...body(LogAnswer) },
  responses: { 200: json(ClassLog, 'The log'), ...missing, ...refused },
});
const overTime = createRoute({
  method: 'get',
  path: `${path}/over-time`,
  summary: 'Every class taught as one point of what is looked at over time',
  responses: { 200: json(z.array(LogPoint), 'The points') },
});

interface Around {
  readonly logs: LogStore;
  readonly sessions: SessionStore;
  readonly figures: RecordFigures;
  readonly record: ReturnType<typeof recordClass>;
  /** Called when a class was recorded. */
  readonly onRecorded: () => void;
}

export function logRoutes({ logs, sessions, figures, record, onRecorded }: Around): OpenAPIHono {
  return router()
    .openapi(list, (context) => context.json(logs.all(), 200))
    .openapi(learnt, async (context) => {
      const observed: Observation[] = [];
      await inSlices(logs.ids(), (id) => void observed.push(...(figures.of(id)?.observations ?? [])));
      return context.json(learn(observed), 200);
    })
    .openapi(overTime, async (context) => {
      const shown: LogPoint[] = [];
      // Who came and what to remember may be said afterwards.
      await inSlices(logs.notes(), (said) => {
        const point = figures.of(said.id)?.point;
        if (point) shown.push({ ...point, ...said });
      });
      return context.json(shown, 200);
    })
    .openapi(one, (context) => {
      const log = logs.find(context.req.valid('param').id);
      if (!log) throw new Refusal(404, 'There is no such log.');
      return context.json(log, 200);
    })
    .openapi(add, (context) => {
      const taught = context.req.valid('json');
      if (!sessions.find(taught.log.sessionId)) {
        const errors = [{ path: ['log', 'sessionId'], message: `there is no class "${taught.log.sessionId}"` }];
        throw new Refusal(422, 'The class that was taught does not exist.', { errors });
      }
      const recorded = record(taught);
      switch (recorded.kind) {
        case 'added':
          onRecorded();
          for (const id of [recorded.log.id, taught.insteadOf]) if (id !== undefined) figures.forget(id);
          return context.json(recorded.log, 201);
        case 'there already':
          return context.json(recorded.log, 200);
        case 'recorded otherwise': {
          const { id, startedAt, endedAt } = recorded.there;
          throw new Refusal(409, 'This class is in the logbook already.', { there: { id, startedAt, endedAt } });
        }
      }
    })
    .openapi(answer, (context) => {
      const { id } = context.req.valid('param');
      const log = logs.answer(id, context.req.valid('json').itemId) ? logs.find(id) : null;
      if (!log) throw new Refusal(404, 'There is no such log.');
      return context.json(log, 200);
    })
    .openapi(annotate, (context) => {
      const { id } = context.req.valid('param');
      const log = logs.annotate(id, context.req.valid('json')) ? logs.find(id) : null;
      if (!log) throw new Refusal(404, 'There is no such log.');
      return context.json(log, 200);
    });
}
