import { type Remote, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Finding } from '../../../core/session/findings/finding';
import type { Session } from '../../../core/session/session';
import type { Repertoire } from '../../app/repertoire';
import type { Judge } from '../../workers/judge';

/** How much is asked of a group until groups say so themselves. */
export const USUAL_STRENGTH = 'steady';

let judge: Remote<Judge> | null = null;
const theJudge = (): Remote<Judge> => {
  judge ??= wrap<Judge>(new Worker(new URL('../../workers/judge.ts', import.meta.url), { type: 'module' }));
  return judge;
};

/** What is found in a class, a moment after each change; null until it has been judged once. Stale answers are dropped. */
export function useFindings(session: Session, repertoire: Repertoire): readonly Finding[] | null {
  const [findings, setFindings] = useState<readonly Finding[] | null>(null);
  const learnt = useRef<Repertoire | null>(null);
  useEffect(() => {
    let isStale = false;
    const ask = async () => {
      if (learnt.current !== repertoire) {
        await theJudge().learn(repertoire.all);
        learnt.current = repertoire;
      }
      if (isStale) return;
      const found = await theJudge().judge(session, USUAL_STRENGTH);
      if (!isStale) setFindings(found);
    };
    void ask();
    return () => {
      isStale = true;
    };
  }, [session, repertoire]);
  return findings;
}
