import type { WeaveInstance, WeavePlan } from '../../core/course/weave/graph/instance';
import type { Weaving } from '../../core/course/weave/weave';
import { openThread } from './openThread';

export interface WeaveOrder {
  readonly instance: WeaveInstance;
  /** The best there is after so long is the answer, unless nothing better exists before. */
  readonly seconds: number;
  /** A plan to begin with. */
  readonly start?: WeavePlan;
}

interface Told {
  readonly reached: Weaving;
  readonly isOver: boolean;
}

/**
 * Weaves in a thread of its own, so that the server goes on answering.
 * @param signal stops it
 * @throws where the thread dies, or is stopped, before it has an answer
 */
export function weaveInThread(order: WeaveOrder, signal?: AbortSignal): Promise<Weaving> {
  return new Promise((resolve, reject) => {
    const thread = openThread('weaveWorker', { workerData: order });
    const stop = () => void thread.terminate();
    const finish = () => {
      signal?.removeEventListener('abort', stop);
      stop();
    };
    signal?.addEventListener('abort', stop);
    thread.on('message', ({ reached, isOver }: Told) => {
      if (!isOver) return;
      resolve(reached);
      finish();
    });
    thread.on('error', (error) => {
      reject(error);
      finish();
    });
    thread.on('exit', () => reject(new Error('The weaving was stopped before it had an answer.')));
  });
}
