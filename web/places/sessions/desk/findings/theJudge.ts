import type { Remote } from 'comlink';
import { type Started, startWorker } from '../../../../app/machine/startWorker';
import type { Repertoire } from '../../../../app/repertoire';
import type { Judge } from '../../../../workers/judge';

let judge: Started<Judge> | null = null;
let learnt: Repertoire | null = null;

const start = (): Started<Judge> =>
  startWorker<Judge>(
    (name) => new Worker(new URL('../../../../workers/judge.ts', import.meta.url), { type: 'module', name }),
  );

/**
 * Asks the worker that judges classes; there is one, and it knows the repertoire before it is asked anything. One that has died is
 * replaced by the next question.
 */
export async function askJudge<Answer>(
  repertoire: Repertoire,
  question: (judge: Remote<Judge>) => Promise<Answer>,
): Promise<Answer> {
  judge ??= start();
  const asked = judge;
  if (learnt !== repertoire) {
    learnt = repertoire;
    // It hears things in order: what is asked next is answered with these.
    void asked
      .ask((work) => work.learn(repertoire.all, new Set(repertoire.movements.map(({ id }) => id))))
      .catch(() => undefined);
  }
  try {
    return await asked.ask(question);
  } catch (error) {
    if (judge === asked) {
      asked.end();
      [judge, learnt] = [null, null];
    }
    throw error;
  }
}
