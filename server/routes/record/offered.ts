import { setImmediate as soon } from 'node:timers/promises';
import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import dayjs from 'dayjs';
import { Offered } from '../../../core/formats/api/api';
import type { FindMovement } from '../../../core/movement/schema/movement';
import { ClassLog } from '../../../core/record/classLog';
import { passedOnBy } from '../../../core/record/passedOn';
import { now } from '../../clock/clock';
import type { GroupStore } from '../../store/groups';
import type { LogStore } from '../../store/record/logs';
import type { SessionStore } from '../../store/sessions';
import { Refusal } from '../reply/problem';
import { body, fails, idParam, json } from '../reply/replies';
import { router } from '../reply/router';

const missing = { 404: fails('There is none of that id') };
const offered = createRoute({
  method: 'get',
  path: '/api/sessions/{id}/offered',
  summary: 'What was changed in classes of other groups in the last week, of pieces that this class has too',
  request: idParam,
  responses: { 200: json(z.array(Offered), 'The changes, in the order of this class'), ...missing },
});
const letGo = createRoute({
  method: 'post',
  path: '/api/logs/{id}/let-go',
  summary: 'Say that a change is not passed on to a class',
  request: { ...idParam, ...body(ClassLog.shape.letGo.unwrap().element) },
  responses: { 200: json(ClassLog, 'The log'), ...missing, 422: fails('A field is wrong') },
});

/** A change is offered for so many days; and of each group so many of its records are looked at for how it was before. Conventions. */
const LOOKED_AT = { days: 7, records: 10 } as const;

interface Around {
  readonly sessions: SessionStore;
  readonly logs: LogStore;
  readonly groups: GroupStore;
  readonly find: FindMovement;
}

export const offeredRoutes = ({ sessions, logs, groups, find }: Around): OpenAPIHono =>
  router()
    .openapi(offered, async (context) => {
      const session = sessions.find(context.req.valid('param').id)?.session;
      if (!session) throw new Refusal(404, 'There is no such class.');
      const since = now().subtract(LOOKED_AT.days, 'day').startOf('day');
      const found: Offered[] = [];
      for (const { id: groupId } of groups.all()) {
        if (groupId === session.groupId) continue;
        const records: ClassLog[] = [];
        for (const id of logs.ofGroup(groupId).slice(0, LOOKED_AT.records)) {
          // Others are answered between one record and the next; a group that met long ago passes nothing on.
          const log = await soon(logs.find(id));
          if (log) records.push(log);
          if (records.length === 1 && dayjs(records[0]?.startedAt).isBefore(since)) break;
        }
        const recent = records.filter(({ startedAt }) => !dayjs(startedAt).isBefore(since)).length;
        for (const { log, passed } of passedOnBy(session, records, recent, find))
          found.push({ logId: log.id, title: log.plan.title, groupId, startedAt: log.startedAt, passed });
      }
      return context.json(found, 200);
    })
    .openapi(letGo, (context) => {
      const { id } = context.req.valid('param');
      const log = logs.letGo(id, context.req.valid('json')) ? logs.find(id) : null;
      if (!log) throw new Refusal(404, 'There is no such log.');
      return context.json(log, 200);
    });
