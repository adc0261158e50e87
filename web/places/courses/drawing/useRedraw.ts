import { App } from 'antd';
import { useState } from 'react';
import type { HeldClass } from '../../../../core/course/calendar/courseClasses';
import { type Merge, mergeClass } from '../../../../core/course/merge/mergeClass';
import type { Course } from '../../../../core/course/schema/course';
import { NewSession, type StoredSession } from '../../../../core/formats/api/api';
import type { Group } from '../../../../core/group/group';
import type { Session } from '../../../../core/session/plan/session';
import { today } from '../../../app/machine/clock';
import { useRepertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';
import { whyRefused } from '../../../app/server/problemIn';
import { useAsked } from '../../../class/useAsked';
import { useComposer } from '../../../class/useComposer';

/** A class drawn up again beside what was made of it by hand. */
export interface Redrawn extends Merge {
  readonly mine: StoredSession;
  readonly base: Session;
  readonly theirs: Session;
  /** Conflicts in which the plan's is taken. */
  readonly taken: ReadonlySet<string>;
  /** What is still to be minded in it as it is drawn up. */
  readonly left: readonly string[];
}

const isGone = (error: unknown): boolean =>
  typeof error === 'object' && error !== null && 'status' in error && error.status === 404;

/** Draws a class of a course up again: what was changed by hand stays, and what would be different is offered first. */
export function useRedraw(course: Course, group: Group, one: HeldClass, sessionId: string) {
  const { forms } = useRepertoire();
  const { message } = App.useApp();
  const [redraw] = api.useRedrawSessionMutation();
  const [askSession] = api.useLazySessionQuery();
  const [askBase] = api.useLazySessionBaseQuery();
  const { asked } = useAsked({ id: sessionId, groupId: group.id, date: one.date });
  const { ask, isBusy, failure, cancel } = useComposer();
  const [offered, setOffered] = useState<Redrawn | null>(null);

  const drawAgain = async () => {
    try {
      const mine = await askSession(sessionId).unwrap();
      const base = await askBase(sessionId)
        .unwrap()
        .then(({ session }) => NewSession.shape.session.parse(session))
        .catch((error: unknown) => {
          if (isGone(error)) return null;
          throw error;
        });
      const drawn = await ask((composer) => composer.drawUp(course, group, one.id, today(), asked, forms));
      if (!drawn) return;
      const theirs = { ...drawn.session, id: sessionId };
      // Where it is not known how it was drawn up, everything in it counts as made by hand.
      const from = base ?? theirs;
      const { session, revision, changedAt } = mine;
      setOffered({
        mine: { session, revision, changedAt },
        base: from,
        theirs,
        taken: new Set(),
        left: drawn.left,
        ...mergeClass(from, session, theirs),
      });
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  /** Takes the plan's in one conflict, or mine again. */
  const take = (id: string, isTheirs: boolean) => {
    if (!offered) return;
    const taken = new Set(offered.taken);
    if (isTheirs) taken.add(id);
    else taken.delete(id);
    setOffered({ ...offered, taken, ...mergeClass(offered.base, offered.mine.session, offered.theirs, taken) });
  };
  const keep = async () => {
    if (!offered) return;
    try {
      const { session, theirs, mine } = offered;
      await redraw({ session, base: theirs, revision: mine.revision }).unwrap();
      setOffered(null);
      message.success('The class is drawn up again; what you had changed is as you left it.');
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  return { offered, drawAgain, take, keep, dismiss: () => setOffered(null), isBusy, failure, cancel };
}
