import { type Remote, wrap } from 'comlink';
import type { Repertoire } from '../../../../app/repertoire';
import type { Judge } from '../../../../workers/judge';

let judge: Remote<Judge> | null = null;
let learnt: Repertoire | null = null;

/** The worker that judges classes; there is one, and it knows the repertoire before it is asked anything. */
export function theJudge(repertoire: Repertoire): Remote<Judge> {
  judge ??= wrap<Judge>(new Worker(new URL('../../../../workers/judge.ts', import.meta.url), { type: 'module' }));
  if (learnt !== repertoire) {
    learnt = repertoire;
    // It hears things in order: what is asked next is answered with these.
    void judge.learn(repertoire.all, new Set(repertoire.movements.map(({ id }) => id)));
  }
  return judge;
}
