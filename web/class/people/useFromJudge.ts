import type { Remote } from 'comlink';
import { useCallback, useEffect, useState } from 'react';
import { WorkerGone } from '../../app/machine/startWorker';
import { useRepertoire } from '../../app/repertoire';
import type { Judge } from '../../workers/judge';
import { askJudge } from './theJudge';

/** An answer of the worker that judges, or why there is none. */
export interface FromJudge<Answer> {
  /** Null until there is one; the last one while the next is on its way. */
  readonly answer: Answer | null;
  readonly failure: string | null;
  readonly tryAgain: () => void;
}

/** A question to the worker that judges. */
export type AskJudge<Answer> = (judge: Remote<Judge>) => Promise<Answer>;

/** Asks the worker that judges, each time the question is another one. Answers that come too late are dropped. */
export function useFromJudge<Answer>(question: AskJudge<Answer> | null): FromJudge<Answer> {
  const repertoire = useRepertoire();
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    let isAsked = question !== null;
    if (question)
      void askJudge(repertoire, question).then(
        (found) => {
          if (!isAsked) return;
          setAnswer(found);
          setFailure(null);
        },
        (error: unknown) => {
          if (!(error instanceof WorkerGone)) throw error;
          if (isAsked) setFailure(error.message);
        },
      );
    return () => {
      isAsked = false;
    };
  }, [repertoire, question, tries]);
  return { answer, failure, tryAgain: useCallback(() => setTries((before) => before + 1), []) };
}
