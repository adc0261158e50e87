import type { Worker, WorkerOptions } from 'node:worker_threads';
import { openThread } from './openThread';

interface Waiting<Answer> {
  readonly resolve: (answer: Answer) => void;
  readonly reject: (error: Error) => void;
}

/** A thread and who waits for it. */
interface Open<Answer> {
  readonly thread: Worker;
  readonly waiting: Map<number, Waiting<Answer>>;
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

/** A thread ended before it had answered; the message says so to whoever asked. */
export class ThreadEndedError extends Error {}

/** A thread beside the server, which goes on answering. It is opened when first asked, and stays. */
export interface BesideServer<Order, Answer> {
  ask(order: Order): Promise<Answer>;
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
  const opened = (): Open<Answer> => {
    const thread = openThread(name, options);
    const waiting = new Map<number, Waiting<Answer>>();
    const one = { thread, waiting };
    const end = (error: Error) => {
      if (open === one) open = null;
      for (const { reject } of waiting.values()) reject(error);
      waiting.clear();
    };
    thread.on('message', ({ number, answer }: Answered<Answer>) => {
      waiting.get(number)?.resolve(answer);
      waiting.delete(number);
      // With nothing to do it keeps no process alive.
      if (waiting.size === 0) thread.unref();
    });
    thread.on('error', end);
    thread.on('exit', () => end(new ThreadEndedError(died)));
    return one;
  };
  return {
    ask: (order) =>
      new Promise((resolve, reject) => {
        asked += 1;
        open ??= opened();
        open.waiting.set(asked, { resolve, reject });
        open.thread.ref();
        open.thread.postMessage({ number: asked, order } satisfies Asked<Order>);
      }),
    end: async () => {
      await open?.thread.terminate();
    },
  };
}
