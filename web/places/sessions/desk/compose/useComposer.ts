import { type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Repertoire } from '../../../../app/repertoire';
import type { Composer } from '../../../../workers/compose';

export interface LongWork {
  readonly isBusy: boolean;
  /** Asks the composer; answers null when it was cancelled, or the asker has gone. */
  readonly ask: <Answer>(question: (composer: Remote<Composer>) => Promise<Answer>) => Promise<Answer | null>;
  readonly cancel: () => void;
}

/** A worker for work that takes seconds: one question at a time, and cancelled by letting the worker go. */
export function useComposer(repertoire: Repertoire): LongWork {
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
      const worker = new Worker(new URL('../../../../workers/compose.ts', import.meta.url), { type: 'module' });
      const composer = wrap<Composer>(worker);
      setIsBusy(true);
      const gone = new Promise<null>((resolve) => {
        dismiss.current = () => {
          worker.terminate();
          resolve(null);
        };
      });
      const work = async () => {
        await composer.learn(repertoire.all, new Set(repertoire.movements.map(({ id }) => id)));
        return question(composer);
      };
      const answer = await Promise.race([work(), gone]);
      if (answer !== null) cancel();
      return answer;
    },
    [repertoire, cancel],
  );
  return { isBusy, ask, cancel };
}
