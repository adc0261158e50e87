import type { Remote } from 'comlink';
import { type Started, startWorker } from '../../app/machine/startWorker';
import type { Repertoire } from '../../app/repertoire';
import type { Judge } from '../../workers/judge';

type Question<Answer> = (judge: Remote<Judge>) => Promise<Answer>;

const start = (): Started<Judge> =>
  startWorker<Judge>(
    (name) => new Worker(new URL('../../workers/judge.ts', import.meta.url), { type: 'module', name }),
  );

/** A worker that judges, started when it is first asked; it knows the repertoire before that. One that has died is replaced. */
class Bench {
  #judge: Started<Judge> | null = null;
  #learnt: Repertoire | null = null;
  #waiting = 0;
  #dismissed: (() => void) | null = null;

  /** Answers the question; null where the worker was let go meanwhile. */
  async ask<Answer>(repertoire: Repertoire, question: Question<Answer>): Promise<Answer | null> {
    this.#judge ??= start();
    const asked = this.#judge;
    if (this.#learnt !== repertoire) {
      this.#learnt = repertoire;
      // It hears things in order: what is asked next is answered with these.
      void asked
        .ask((work) => work.learn(repertoire.all, new Set(repertoire.movements.map(({ id }) => id))))
        .catch(() => undefined);
    }
    const dismissed = new Promise<null>((resolve) => {
      const before = this.#dismissed;
      this.#dismissed = () => {
        before?.();
        resolve(null);
      };
    });
    this.#waiting += 1;
    try {
      return await Promise.race([asked.ask(question), dismissed]);
    } catch (error) {
      if (this.#judge === asked) this.#forget();
      throw error;
    } finally {
      this.#waiting -= 1;
    }
  }

  /** Stops whatever is being worked on: nobody waits for it any more. */
  letGo(): void {
    if (this.#waiting > 0) this.#forget();
  }

  #forget(): void {
    this.#judge?.end();
    this.#dismissed?.();
    [this.#judge, this.#learnt, this.#dismissed] = [null, null, null];
  }
}

const judging = new Bench();
const mending = new Bench();

/** Asks the worker that judges the class at each change; it is never let go, so there is always an answer. */
export const askJudge = async <Answer>(repertoire: Repertoire, question: Question<Answer>): Promise<Answer> =>
  (await judging.ask(repertoire, question)) as Answer;

/**
 * Asks another such worker what would mend a finding, which can take seconds: judging goes on meanwhile, and what is asked for in vain
 * is cancelled.
 * @returns null where it was cancelled
 */
export const askMender = <Answer>(repertoire: Repertoire, question: Question<Answer>): Promise<Answer | null> =>
  mending.ask(repertoire, question);

/** Cancels what the mender is working on. */
export const letMenderGo = (): void => mending.letGo();
