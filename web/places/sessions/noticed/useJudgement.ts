import { useEffect, useMemo, useRef, useState } from 'react';
import { type Aside, partAsides } from '../../../../core/session/findings/aside';
import type { Asked, Finding } from '../../../../core/session/findings/finding';
import { inOrder } from '../../../../core/session/findings/inOrder';
import type { Session } from '../../../../core/session/session';
import type { Tide } from '../../../../core/session/tide';
import { api } from '../../../app/api';
import type { Repertoire } from '../../../app/repertoire';
import { theJudge } from './theJudge';

export interface Findings {
  readonly open: readonly Finding[];
  readonly aside: readonly Aside[];
}

/** What is known of a class besides its minutes. */
export interface Judgement {
  /** Null until it has been judged once. */
  readonly findings: Findings | null;
  readonly tide: Tide | null;
}

const NOTHING: ReadonlySet<string> = new Set();

/** Judges a class away from the screen, a moment after each change. Stale answers are dropped. */
export function useJudgement(session: Session, repertoire: Repertoire, asked: Asked): Judgement {
  const [found, setFound] = useState<readonly Finding[] | null>(null);
  const [tide, setTide] = useState<Tide | null>(null);
  const { data: rules } = api.useAsidesQuery();
  const standing = useRef(NOTHING);
  // A title or a day changes nothing that is judged.
  const { sections, slotMinutes, breath, schools, setAside } = session;
  const plan = useMemo(() => ({ sections, slotMinutes, breath, schools }), [sections, slotMinutes, breath, schools]);
  useEffect(() => {
    let isStale = false;
    const ask = async () => {
      const judge = await theJudge(repertoire);
      if (isStale) return;
      const quick = await judge.judge(plan, asked, standing.current);
      if (isStale) return;
      standing.current = new Set(quick.findings.map(({ key }) => key));
      setTide(quick.tide);
      setFound((before) => inOrder([...quick.findings, ...(before ?? []).filter(({ code }) => code === 'footwork')]));
      const patient = await judge.judgePatiently();
      if (!isStale) setFound(inOrder([...quick.findings, ...patient]));
    };
    void ask();
    return () => {
      isStale = true;
    };
  }, [plan, repertoire, asked]);
  const findings = useMemo(
    () => (found === null ? null : partAsides(found, plan, setAside, rules ?? [])),
    [found, plan, setAside, rules],
  );
  return { findings, tide };
}
