import { useCallback, useMemo } from 'react';
import { lessOn } from '../../../../core/hall/hall';
import type { Teaching } from '../../../../core/record/standing/teaching';
import type { Session } from '../../../../core/session/plan/session';
import { lateLoosening } from '../../../../core/session/propose/lateLoosening';
import { today } from '../../../app/machine/clock';
import { useRepertoire } from '../../../app/repertoire';
import { useComing } from '../../../class/people/useComing';
import { type AskJudge, useFromJudge } from '../../../class/people/useFromJudge';
import { useAsked } from '../../../class/useAsked';

type Comers = Awaited<ReturnType<Parameters<AskJudge<unknown>>[0]['comers']>>;
type Laid = Awaited<ReturnType<Parameters<AskJudge<unknown>>[0]['layHall']>>;

/** What is to be known of those who come while a class is taught: counts for each line, the hall, a loosening for latecomers. */
export function useComers(session: Session, { present, walkIns }: Pick<Teaching, 'present' | 'walkIns'>) {
  const { find } = useRepertoire();
  const { asked, hall, group } = useAsked(session);
  const askComers = useCallback<AskJudge<Comers>>((judge) => judge.comers(session, asked), [session, asked]);
  const { answer: comers } = useFromJudge(askComers);
  const day = session.date ?? today();
  const expected = useComing(group?.id ?? null)?.on(day).expected ?? 0;
  const people = Math.max(1, (present.length || expected) + walkIns);
  const askHall = useCallback<AskJudge<Laid>>(
    (judge) =>
      hall
        ? judge.layHall(session, asked, { hall, less: lessOn(hall, day), people, seenBy: {}, beginners: 0 })
        : Promise.resolve(null),
    [session, asked, hall, day, people],
  );
  // Laid out again only when somebody new has come.
  const { answer: laid } = useFromJudge(walkIns > 0 ? askHall : null);
  const late = useMemo(() => lateLoosening(session, find), [session, find]);
  return {
    asked,
    hall,
    groupId: group?.id ?? null,
    late,
    lines: laid?.lines ?? null,
    countsOf: (itemId: string) => comers?.ways.find((one) => one.itemId === itemId)?.counts ?? [],
    isUnsteady: (itemId: string) => comers?.unsteady.includes(itemId) ?? false,
  };
}
