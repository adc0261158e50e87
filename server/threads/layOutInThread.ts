import type { Worker } from 'node:worker_threads';
import type { Movement } from '../../core/movement/schema/movement';
import type { PlanProblem } from '../../core/session/plan/planSize';
import type { Plan } from '../../core/session/plan/session';
import { openThread } from './openThread';

export interface LayOutOrder {
  readonly session: Plan;
  /** The movements the class names, as far as there are such, by the names it uses. */
  readonly movements: ReadonlyMap<string, Movement>;
}

/** The reply as its text, or what stands in its way. */
export type LaidOut =
  | { readonly ok: true; readonly text: string }
  | { readonly ok: false; readonly problems: readonly PlanProblem[] };

interface Waiting {
  readonly resolve: (laidOut: LaidOut) => void;
  readonly reject: (error: Error) => void;
}

/** A class that takes more memory than this ends the thread, not the server; megabytes. */
const MOST_MEMORY = 768;

/** A thread and who waits for it. */
interface Open {
  readonly thread: Worker;
  readonly waiting: Map<number, Waiting>;
}

/** @param onEnd called when it is of no use any more */
function openLayOut(onEnd: () => void): Open {
  const thread = openThread('layOutWorker', { resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY } });
  const waiting = new Map<number, Waiting>();
  const end = (error: Error) => {
    onEnd();
    for (const { reject } of waiting.values()) reject(error);
    waiting.clear();
  };
  thread.on('message', ({ number, laidOut }: { number: number; laidOut: LaidOut }) => {
    waiting.get(number)?.resolve(laidOut);
    waiting.delete(number);
    // With nothing to do it keeps no process alive.
    if (waiting.size === 0) thread.unref();
  });
  thread.on('error', end);
  thread.on('exit', () => end(new Error('The class was too much to lay out: what reckons it stopped.')));
  return { thread, waiting };
}

/**
 * Lays classes out in a thread beside the server, which goes on answering. The thread is opened when first asked and stays; where
 * it dies, those who wait are told so and the next class opens another.
 */
export function layOutBeside(): (order: LayOutOrder) => Promise<LaidOut> {
  let open: Open | null = null;
  let asked = 0;
  const thereOrOpened = (): Open => {
    if (open) return open;
    const opened = openLayOut(() => {
      if (open === opened) open = null;
    });
    open = opened;
    return opened;
  };
  return (order) =>
    new Promise((resolve, reject) => {
      asked += 1;
      const { thread, waiting } = thereOrOpened();
      waiting.set(asked, { resolve, reject });
      thread.ref();
      thread.postMessage({ number: asked, order });
    });
}
