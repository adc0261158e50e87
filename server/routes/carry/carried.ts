import { createRoute, type OpenAPIHono } from '@hono/zod-openapi';
import { askedAfter } from '../../../core/course/classes/askedAfter';
import { BroughtRecord, WrittenRecord } from '../../../core/formats/pocket/pocketApi';
import type { PocketRecord, TakenOf } from '../../../core/formats/pocket/pocketClass';
import { carriedLogId, markIn, readCode } from '../../../core/formats/pocket/recordCode';
import type { FindMovement } from '../../../core/movement/schema/movement';
import { type ClassLog, newRecord, recordFault } from '../../../core/record/classLog';
import { itemsWrittenAfter } from '../../../core/record/writtenAfter';
import type { Session } from '../../../core/session/plan/session';
import { timelineOf } from '../../../core/session/schedule/timeline';
import { today } from '../../clock/clock';
import type { CourseStore } from '../../store/courses';
import type { LogStore } from '../../store/record/logs';
import type { recordClass } from '../../store/record/recordClass';
import type { SessionStore } from '../../store/sessions';
import type { Summaries } from '../../workedOut/summaries';
import { Refusal } from '../reply/problem';
import { body, fails, json } from '../reply/replies';
import { router } from '../reply/router';

const MINUTE = 60_000;

const bring = createRoute({
  method: 'post',
  path: '/api/logs/carried',
  summary:
    'Write down a class that was taught from a file, by the code or the record it gave back; twice it is one record',
  request: body(BroughtRecord),
  responses: {
    201: json(WrittenRecord, 'The record, now in the logbook'),
    200: json(WrittenRecord, 'The record that was there before'),
    422: fails('It belongs to no class here, or was mistyped'),
  },
});

const WHY: Readonly<Record<'not a code' | 'no such class' | 'mistyped', string>> = {
  'not a code': 'This is no code of a record: it has up to 36 letters and digits.',
  'no such class': 'The class it belongs to is not here, or has other lines now. Bring the file of the record instead.',
  mistyped: 'Something in it is mistyped. Read it off once more.',
};

interface Brought {
  readonly log: ClassLog;
  readonly taken: readonly TakenOf[];
}

interface Stores {
  readonly sessions: SessionStore;
  readonly summaries: Pick<Summaries, 'marked'>;
  readonly courses: CourseStore;
  readonly logs: Pick<LogStore, 'find'>;
  readonly find: FindMovement;
  readonly record: ReturnType<typeof recordClass>;
  /** Called when a class was recorded. */
  readonly onRecorded: () => void;
}

const refusal = (field: string, message: string): Refusal =>
  new Refusal(422, 'This record cannot be written down.', { errors: [{ path: [field], message }] });

/** What is asked after in a class, as it is now. */
function askedOf({ course: of }: Session, courses: CourseStore): { thread: string; title: string }[] {
  const stored = of && courses.find(of.id);
  return of && stored ? askedAfter(stored.course, of.classId, today()).slice(0, 12) : [];
}

/** A record from what was read off a screen: everything as planned but what it says. */
async function fromCode(code: string, { sessions, summaries, courses, find }: Stores): Promise<Brought> {
  const mark = markIn(code);
  const id = mark === null ? null : await summaries.marked(mark);
  const session = id === null ? undefined : sessions.find(id)?.session;
  const asked = session ? askedOf(session, courses) : [];
  const read = readCode(code, session ? [session] : [], () => asked.length);
  if (!read.ok) throw refusal('code', WHY[read.why]);
  const { beganAt, tookMinutes, came, leftOut, taken } = read.record;
  if (!session) throw refusal('code', WHY['no such class']);
  const answer = timelineOf(session, find);
  if (!answer.ok) throw refusal('code', 'A movement of its class is not here any more.');
  const lines = session.sections.flatMap(({ items }) => items);
  const left = new Set(lines.flatMap(({ id }, at) => (leftOut[at] ? [id] : [])));
  return {
    log: newRecord({
      id: carriedLogId(session, beganAt),
      startedAt: new Date(beganAt * MINUTE).toISOString(),
      endedAt: new Date((beganAt + tookMinutes) * MINUTE).toISOString(),
      plan: session,
      items: itemsWrittenAfter(session, answer.timeline, find, { leftOut: left, tookMs: tookMinutes * MINUTE }),
      attendance: came,
      notes: '',
    }),
    taken: asked.flatMap(({ thread }, at) => {
      const said = taken[at];
      return said ? [{ thread, taken: said }] : [];
    }),
  };
}

/** The id of a record; another where a record of another class, or of another time, has it already. */
function ownId({ id, sessionId, startedAt }: ClassLog, logs: Pick<LogStore, 'find'>): string {
  const isOther = (there: ClassLog | null) =>
    there !== null && (there.sessionId !== sessionId || Date.parse(there.startedAt) !== Date.parse(startedAt));
  let own = id;
  for (let number = 2; isOther(logs.find(own)); number += 1) own = `${id.slice(0, 56)}-${number}`;
  return own;
}

/** A record from its file: whose class it was is known here alone. */
function fromFile({ log, taken }: PocketRecord, { sessions, logs }: Stores): Brought {
  const session = sessions.find(log.sessionId)?.session;
  if (!session)
    throw refusal('record', `There is no class “${log.sessionId}” here: it was carried from another place.`);
  const fault = recordFault(log);
  if (fault) throw refusal('record', `This record can’t be of its class: ${fault.message}.`);
  const { groupId, course, family } = session;
  return { log: { ...log, id: ownId(log, logs), plan: { ...log.plan, groupId, course, family } }, taken };
}

export function carriedRoutes(stores: Stores): OpenAPIHono {
  return router().openapi(bring, async (context) => {
    const brought = context.req.valid('json');
    const { log, taken } = 'code' in brought ? await fromCode(brought.code, stores) : fromFile(brought.record, stores);
    const recorded = stores.record({ log, taken: [...taken], present: [] });
    // Another device's record of the same class is the record of it.
    if (recorded.kind === 'recorded otherwise') return context.json({ log: recorded.there, isNew: false }, 200);
    if (recorded.kind === 'there already') return context.json({ log: recorded.log, isNew: false }, 200);
    stores.onRecorded();
    return context.json({ log: recorded.log, isNew: true }, 201);
  });
}
