import { createSelector } from '@reduxjs/toolkit';
import equal from 'fast-deep-equal';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { type Aside, partAsides } from '../../../../../core/session/findings/aside';
import type { Asked, Finding } from '../../../../../core/session/findings/finding/finding';
import { inOrder } from '../../../../../core/session/findings/finding/inOrder';
import type { Tide } from '../../../../../core/session/load/tide';
import type { Plan } from '../../../../../core/session/plan/session';
import { WorkerGone } from '../../../../app/machine/startWorker';
import { useRepertoire } from '../../../../app/repertoire';
import { api } from '../../../../app/server/api';
import { askJudge } from '../../../../class/people/theJudge';
import { type DeskState, selectSession, useDeskSelector, useDeskStore } from '../../draft/draftStore';

export interface Findings {
  readonly open: readonly Finding[];
  readonly aside: readonly Aside[];
}

export interface Failure {
  readonly reason: string;
  readonly tryAgain: () => void;
}

/** What is known of a class besides its minutes. */
export interface Judgement {
  /** Why it could not be judged, with a way to try again; null where it was. */
  readonly failure: Failure | null;
  /** Null until it has been judged once. */
  readonly findings: Findings | null;
  readonly tide: Tide | null;
}

const NOTHING: ReadonlySet<string> = new Set();
/** How long until a part that could not be loaded is asked for again, milliseconds. */
const TRY_AGAIN_AFTER = 3000;

/** What is judged of the class on the desk: a title or a day changes nothing of it. */
const judgedPart = createSelector(
  (state: DeskState) => selectSession(state)?.sections,
  (state: DeskState) => selectSession(state)?.slotMinutes,
  (state: DeskState) => selectSession(state)?.doors,
  (state: DeskState) => selectSession(state)?.breath,
  (state: DeskState) => selectSession(state)?.schools,
  (state: DeskState) => selectSession(state)?.takes,
  (sections, slotMinutes, doors, breath, schools, takes): Plan | null =>
    sections && slotMinutes && doors && breath && schools
      ? { sections, slotMinutes, doors, breath, schools, takes }
      : null,
);

/**
 * Judges the class on the desk away from the screen, at each change. Stale answers are dropped.
 * @param isKnown whether it is known who comes; before that nothing is judged
 */
export function useJudgement(asked: Asked, isKnown: boolean): Judgement {
  const repertoire = useRepertoire();
  const [refused, setRefused] = useState<WorkerGone | null>(null);
  const [tries, setTries] = useState(0);
  const [found, setFound] = useState<readonly Finding[] | null>(null);
  const [tide, setTide] = useState<Tide | null>(null);
  const { data: rules } = api.useAsidesQuery();
  const standing = useRef(NOTHING);
  const store = useDeskStore();
  useEffect(() => {
    let judged: Plan | null = null;
    let [isAsking, isLeft] = [false, false];
    const newest = () => (isLeft || !isKnown ? null : judgedPart(store.getState()));
    // What is found once more is no news, and nothing is drawn for it.
    const say = (findings: (before: readonly Finding[] | null) => Finding[]) =>
      setFound((before) => {
        const now = inOrder(findings(before));
        return equal(before, now) ? before : now;
      });
    const judgeOnce = async (plan: Plan) => {
      judged = plan;
      const quick = await askJudge(repertoire, (judge) => judge.judge(plan, asked, standing.current));
      if (plan !== newest()) return;
      standing.current = new Set(quick.findings.map(({ key }) => key));
      setTide(quick.tide);
      say((before) => [...quick.findings, ...(before ?? []).filter(({ code }) => code === 'footwork')]);
      setRefused(null);
      const patient = await askJudge(repertoire, (judge) => judge.judgePatiently());
      if (plan === newest()) say(() => [...quick.findings, ...patient]);
    };
    // One at a time: a class that was changed again before its turn came is never judged.
    const ask = async () => {
      if (isAsking) return;
      isAsking = true;
      try {
        for (let plan = newest(); plan && plan !== judged; plan = newest()) await judgeOnce(plan);
      } finally {
        isAsking = false;
      }
    };
    const askSafely = () =>
      void ask().catch((error: unknown) => {
        if (!(error instanceof WorkerGone)) throw error;
        // The same class is not asked about again by itself; another one is.
        setRefused(error);
      });
    askSafely();
    // Asked as soon as the class has changed: it is judged while its new minutes are drawn.
    const leave = store.subscribe(askSafely);
    return () => {
      isLeft = true;
      leave();
    };
  }, [store, repertoire, asked, isKnown, tries]);
  const tryAgain = useCallback(() => setTries((before) => before + 1), []);
  // A part that could not be loaded is asked for again; one that died over this class would only die again.
  useEffect(() => {
    if (!refused || refused.hasLived) return;
    const timer = setTimeout(tryAgain, TRY_AGAIN_AFTER);
    return () => clearTimeout(timer);
  }, [refused, tryAgain]);
  const plan = useDeskSelector(judgedPart);
  const setAside = useDeskSelector((state) => selectSession(state)?.setAside);
  const findings = useMemo(
    () => (found === null || !plan || !setAside ? null : partAsides(found, plan, setAside, rules ?? [])),
    [found, plan, setAside, rules],
  );
  const failure = useMemo(() => refused && { reason: refused.message, tryAgain }, [refused, tryAgain]);
  return { findings, tide, failure };
}
