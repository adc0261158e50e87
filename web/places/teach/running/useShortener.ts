import { useCallback, useEffect, useRef } from 'react';
import type { ShortenAnswer } from '../../../../core/record/shorten';
import { beginTeaching, type Teaching } from '../../../../core/record/standing/teaching';
import type { Asked } from '../../../../core/session/findings/finding/finding';
import type { Session } from '../../../../core/session/plan/session';
import { mayLastMs } from '../../../../core/session/plan/slotTime';
import { movementIdsOf } from '../../../../core/session/schedule/settleItem';
import type { Timeline } from '../../../../core/session/timeline/segment';
import { type Started, startWorker } from '../../../app/machine/startWorker';
import { useRepertoire } from '../../../app/repertoire';
import { useIdle } from '../../../app/shell/useIdle';
import type { Composer } from '../../../workers/compose';

/** A class that is late by so much is tried once beforehand, so that the first press in the hall is answered as quickly as the next. */
const TRIED_LATE = 5 * 60_000;

/**
 * The worker that makes what is left of a class fit. It is there as soon as the class goes on, knows the movements of this class, and
 * has done it once; one that has died is replaced by the next question.
 */
export function useShortener(taught: Session, timeline: Timeline, asked: Asked) {
  const { find } = useRepertoire();
  const isIdle = useIdle();
  const worker = useRef<Started<Composer> | null>(null);
  const ready = useCallback((): Started<Composer> => {
    if (worker.current) return worker.current;
    const begun = startWorker<Composer>(
      (name) => new Worker(new URL('../../../workers/compose.ts', import.meta.url), { type: 'module', name }),
    );
    const ids = movementIdsOf(taught.sections);
    const movements = ids.flatMap((id) => find(id) ?? []);
    // It hears things in order: what is asked next is answered with these.
    void begun.ask((composer) => composer.learn(movements, new Set(ids))).catch(() => undefined);
    worker.current = begun;
    return begun;
  }, [taught, find]);
  useEffect(
    () => () => {
      worker.current?.end();
      worker.current = null;
    },
    [],
  );
  const shorten = useCallback(
    async (of: Session, on: Timeline, teaching: Teaching): Promise<ShortenAnswer<Session>> => {
      const asking = ready();
      try {
        const { found } = await asking.ask(async (composer) => ({
          found: await composer.shorten(of, on, teaching, asked),
        }));
        return found;
      } catch (error) {
        if (worker.current === asking) worker.current = null;
        throw error;
      }
    },
    [ready, asked],
  );
  const isTried = useRef(false);
  useEffect(() => {
    if (!isIdle || isTried.current) return;
    isTried.current = true;
    const late = { ...beginTeaching(), wallMs: mayLastMs(taught) - timeline.totalMs + TRIED_LATE };
    void shorten(taught, timeline, late).catch(() => undefined);
  }, [isIdle, taught, timeline, shorten]);
  return shorten;
}
