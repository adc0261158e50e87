import type { Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { startWorker, WorkerGone } from '../app/machine/startWorker';
import { useRepertoire } from '../app/repertoire';
import type { Composer } from '../workers/compose';

export interface LongWork {
  readonly isBusy: boolean;
  /** Why the last question has no answer; null where it has one, or was cancelled. */
  readonly failure: string | null;
  /** Asks the composer; answers null when it was cancelled, or the asker has gone. */
  readonly ask: <Answer>(question: (composer: Remote<Composer>) => Promise<Answer>) => Promise<Answer | null>;
  readonly cancel: () => void;
}

/** A worker for work that takes seconds: one question at a time, and cancelled by letting the worker go. */
export function useComposer(): LongWork {
  const repertoire = useRepertoire();
  const [failure, setFailure] = useState<string | null>(null);
  const dismiss = useRef<(() => void) | null>(null);
  const [isBusy, setIsBusy] = useState(false);

  const cancel = useCallback(() => {
    dismiss.current?.();
    dismiss.current = null;
    setIsBusy(false);
  }, []);
  useEffect(() => cancel, [cancel]);

  const ask = useCallback<LongWork['ask']>(
    async (question) => {
      cancel();
      setFailure(null);
      const composer = startWorker<Composer>(
        (name) => new Worker(new URL('../workers/compose.ts', import.meta.url), { type: 'module', name }),
      );
      setIsBusy(true);
      const dismissed = new Promise<null>((resolve) => {
        dismiss.current = () => {
          composer.end();
          resolve(null);
        };
      });
      const work = composer.ask(async (remote) => {
        await remote.learn(repertoire.all, new Set(repertoire.movements.map(({ id }) => id)));
        return question(remote);
      });
      try {
        const answer = await Promise.race([work, dismissed]);
        if (answer !== null) cancel();
        return answer;
      } catch (error) {
        cancel();
        if (!(error instanceof WorkerGone)) throw error;
        setFailure(error.message);
        return null;
      }
    },
    [repertoire, cancel],
  );
  return { isBusy, failure, ask, cancel };
}
