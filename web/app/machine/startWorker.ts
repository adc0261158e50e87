import { nanoid } from '@reduxjs/toolkit';
import { type Remote, wrap } from 'comlink';

/** What a worker must be able to say: that it lives. */
export interface Living {
  readonly awake: () => Promise<boolean>;
}

/** A worker died, or never came to life. */
export class WorkerGone extends Error {
  constructor(readonly hasLived: boolean) {
    super(hasLived ? 'The work stopped of itself.' : 'The part that does the work could not be loaded.');
  }
}

/** A worker that has not said a word by then never will, milliseconds: loading it on a busy machine takes a few seconds. */
const BORN_WITHIN = 30_000;

export interface Started<Work> {
  /** Asks the worker; rejects with `WorkerGone` where it dies over it, or is not there. */
  readonly ask: <Answer>(question: (work: Remote<Work>) => Promise<Answer>) => Promise<Answer>;
  readonly end: () => void;
}

/**
 * Starts a worker and watches over it: whoever waits for an answer hears of its death instead of waiting for ever.
 * @param start makes the worker, under the name it is given
 */
export function startWorker<Work extends Living>(start: (name: string) => Worker): Started<Work> {
  const name = `vesperum.worker.${nanoid(10)}`;
  const worker = start(name);
  const work = wrap<Work>(worker);
  let hasLived = false;
  const awake = (work as Remote<Living>).awake();
  const gone = new Promise<never>((_, reject) => {
    const die = () => {
      worker.terminate();
      reject(new WorkerGone(hasLived));
    };
    worker.addEventListener('error', die);
    worker.addEventListener('messageerror', die);
    // One that dies before it has said a word holds no lock to be missed by.
    const patience = setTimeout(die, BORN_WITHIN);
    void awake.then(() => {
      clearTimeout(patience);
      hasLived = true;
      void navigator.locks?.request(name, die);
    });
  });
  // It may die while nobody waits.
  gone.catch(() => undefined);
  // A question goes out once the worker can be missed: one that died over it before would be taken for one that never came.
  return { ask: (question) => Promise.race([awake.then(() => question(work)), gone]), end: () => worker.terminate() };
}
