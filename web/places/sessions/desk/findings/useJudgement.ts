import { createSelector } from '@reduxjs/toolkit';
import equal from 'fast-deep-equal';
import { useEffect, useMemo, useRef, useState } from 'react';
import { type Aside, partAsides } from '../../../../../core/session/findings/aside';
import type { Asked, Finding } from '../../../../../core/session/findings/finding/finding';
import { inOrder } from '../../../../../core/session/findings/finding/inOrder';
import type { Tide } from '../../../../../core/session/load/tide';
import type { Plan, Session } from '../../../../../core/session/plan/session';
import { api } from '../../../../app/api';
import type { Repertoire } from '../../../../app/repertoire';
import { type DeskState, useDeskSelector, useDeskStore } from '../../draft/draftStore';
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

const present = ({ draft }: DeskState): Session | null => draft.book.present;

/** What is judged of the class on the desk: a title or a day changes nothing of it. */
const judgedPart = createSelector(
  (state: DeskState) => present(state)?.sections,
  (state: DeskState) => present(state)?.slotMinutes,
  (state: DeskState) => present(state)?.breath,
  (state: DeskState) => present(state)?.schools,
  (sections, slotMinutes, breath, schools): Plan | null =>
    sections && slotMinutes && breath && schools ? { sections, slotMinutes, breath, schools } : null,
);

/** Judges the class on the desk away from the screen, at each change. Stale answers are dropped. */
export function useJudgement(repertoire: Repertoire, asked: Asked): Judgement {
  const [found, setFound] = useState<readonly Finding[] | null>(null);
  const [tide, setTide] = useState<Tide | null>(null);
  const { data: rules } = api.useAsidesQuery();
  const standing = useRef(NOTHING);
  const store = useDeskStore();
  useEffect(() => {
    let newest: Plan | null = null;
    // What is found once more is no news, and nothing is drawn for it.
    const say = (findings: (before: readonly Finding[] | null) => Finding[]) =>
      setFound((before) => {
        const now = inOrder(findings(before));
        return equal(before, now) ? before : now;
      });
    const ask = async () => {
      const plan = judgedPart(store.getState());
      if (plan === newest || !plan) return;
      newest = plan;
      const judge = theJudge(repertoire);
      const quick = await judge.judge(plan, asked, standing.current);
      if (plan !== newest) return;
      standing.current = new Set(quick.findings.map(({ key }) => key));
      setTide(quick.tide);
      say((before) => [...quick.findings, ...(before ?? []).filter(({ code }) => code === 'footwork')]);
      const patient = await judge.judgePatiently();
      if (plan === newest) say(() => [...quick.findings, ...patient]);
    };
    void ask();
    // Asked as soon as the class has changed: it is judged while its new minutes are drawn.
    const leave = store.subscribe(() => void ask());
    return () => {
      newest = null;
      leave();
    };
  }, [store, repertoire, asked]);
  const plan = useDeskSelector(judgedPart);
  const setAside = useDeskSelector((state) => present(state)?.setAside);
  const findings = useMemo(
    () => (found === null || !plan || !setAside ? null : partAsides(found, plan, setAside, rules ?? [])),
    [found, plan, setAside, rules],
  );
  return { findings, tide };
}
