import { parentPort } from 'node:worker_threads';
import { forecastFor } from '../../core/session/report/forecast';
import { slotVerdict } from '../../core/session/report/slotVerdict';
import { timelineOf } from '../../core/session/schedule/timeline';
import type { Answered, Asked } from './askThread';
import type { LaidOut, LayOutOrder } from './layOutInThread';

/** A thread of its own that lays classes out in time, one after another, and gives each back as the text of the reply. */

function layOut({ session, movements }: LayOutOrder): LaidOut {
  const find = (id: string) => movements.get(id);
  const answer = timelineOf(session, find);
  if (!answer.ok) return answer;
  const verdict = slotVerdict(forecastFor(session, answer.timeline, find), session);
  // Written out here: tens of thousands of segments take as long to write as to lay out.
  return { ok: true, text: JSON.stringify({ timeline: answer.timeline, verdict }) };
}

parentPort?.on('message', ({ number, order }: Asked<LayOutOrder>) =>
  parentPort?.postMessage({ number, answer: layOut(order) } satisfies Answered<LaidOut>),
);
