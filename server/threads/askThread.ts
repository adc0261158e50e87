import type { Worker, WorkerOptions } from 'node:worker_threads';
import { openThread } from './openThread';

interface Waiting<Answer> {
  readonly resolve: (answer: Answer) => void;
  readonly reject: (error: Error) => void;
  readonly onProgress: (progress: unknown) => void;
}

/** How long a thread may be idle before it is ended, which frees its memory; milliseconds. */
const IDLE_MS = 20_000;

/** A thread and who waits for it. */
interface Open<Answer> {
  readonly thread: Worker;
  readonly waiting: Map<number, Waiting<Answer>>;
  /** It has something to do again. */
  readonly wake: () => void;
}

/** What goes to a thread, and what comes back. */
export interface Asked<Order> {
  readonly number: number;
  readonly order: Order;
}
export interface Answered<Answer> {
  readonly number: number;
  readonly answer: Answer;
}
/** How far an order is. */
export interface Underway {
  readonly number: number;
  readonly progress: unknown;
}

/** A thread ended before it had answered; the message says so to the caller. */
export class ThreadEndedError extends Error {}

/** A thread beside the server, which goes on answering. It is opened when it is asked, and ends when it has had nothing to do for a while. */
export interface BesideServer<Order, Answer> {
  /** @param onProgress hears how far it is, as the thread tells it */
  ask(order: Order, onProgress?: (progress: unknown) => void): Promise<Answer>;
  /** Ends it, whatever it is doing; those who wait are told so. The next order opens another. */
  end(): Promise<void>;
}

/**
 * Has orders carried out in a thread of their own, one after another. Where it dies, those who wait are told so.
 * @param name of the thread's file
 * @param died what is said where it ends before it has answered
 */
export function besideServer<Order, Answer>(
  name: string,
  died: string,
  options: WorkerOptions = {},
): BesideServer<Order, Answer> {
  let open: Open<Answer> | null = null;
  let asked = 0;
  /** Ends a thread; the next order opens another. */
  const letGo = async (one: Open<Answer>): Promise<void> => {
    if (open === one) open = null;
    await one.thread.terminate();
  };
  const opened = (): Open<Answer> => {
    const thread = openThread(name, options);
    const waiting = new Map<number, Waiting<Answer>>();
    const one: Open<Answer> = { thread, waiting, wake: () => clearTimeout(idle) };
    let idle: NodeJS.Timeout | undefined;
    const end = (error: Error) => {
      clearTimeout(idle);
      if (open === one) open = null;
      for (const { reject } of waiting.values()) reject(error);
      waiting.clear();
    };
    thread.on('message', (said: Answered<Answer> | Underway) => {
      if ('progress' in said) {
        waiting.get(said.number)?.onProgress(said.progress);
        return;
      }
      waiting.get(said.number)?.resolve(said.answer);
      waiting.delete(said.number);
      if (waiting.size > 0) return;
      // With nothing to do it keeps no process alive.
      thread.unref();
      idle = setTimeout(() => void letGo(one), IDLE_MS).unref();
    });
    thread.on('error', end);
    thread.on('exit', () => end(new ThreadEndedError(died)));
    return one;
  };
  return {
    ask: (order, onProgress = () => undefined) =>
      new Promise((resolve, reject) => {
        asked += 1;
        open ??= opened();
        open.waiting.set(asked, { resolve, reject, onProgress });
        open.wake();
        open.thread.ref();
        open.thread.postMessage({ number: asked, order } satisfies Asked<Order>);
      }),
    end: async () => {
      if (open) await letGo(open);
    },
  };
}
