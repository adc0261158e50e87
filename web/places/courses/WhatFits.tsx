import { Button } from 'antd';
import { useState } from 'react';
import { finishPlan } from '../../../core/course/plan/comeRound';
import { courseWeave, planByPlace } from '../../../core/course/plan/courseWeave';
import { countingUnfinished, leastUnfinished, unfinishedIn, withMoreClasses } from '../../../core/course/plan/whatFits';
import type { Course } from '../../../core/course/schema/course';
import { topicKind } from '../../../core/course/schema/topicKinds';
import type { Group } from '../../../core/group/group';
import { today } from '../../app/machine/clock';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';

interface Props {
  readonly course: Course;
  readonly group: Group;
  /** The place of the first class that lies ahead. */
  readonly from: number;
}

/** Seconds the proof is looked for, and a plan with more classes; so many more are tried. */
const SECONDS = 2;
const MOST_MORE = 3;

/** What is wished for and not reached by the plan, and on asking whether any plan could, or how many classes it would take. */
export function WhatFits({ course, group, from }: Props) {
  const [weave] = api.useWeaveMutation();
  const [answer, setAnswer] = useState<string | null>(null);
  const [isAsking, setAsking] = useState(false);
  const open = unfinishedIn(course);
  if (open.length === 0) return null;
  const wished = course.threads.filter((thread) => !topicKind(thread).isKept && thread.wish !== 'room');
  const ask = async () => {
    setAsking(true);
    try {
      const ready = courseWeave(course, group.doors, today(), from);
      const ids = new Set(wished.map(({ id }) => id));
      const { bound } = await weave({
        instance: countingUnfinished(ready.instance, ids),
        seconds: SECONDS,
      }).unwrap();
      const least = leastUnfinished(bound);
      const proven =
        least > 0
          ? `No plan of these classes finishes more than ${wished.length - least} of the ${wished.length} things that are wished for.`
          : 'It is not proven that it cannot be done in these classes; the plan that was found puts other things first.';
      for (let more = 1; more <= MOST_MORE; more += 1) {
        const longer = withMoreClasses(course, more);
        if (!longer) break;
        const then = courseWeave(longer, group.doors, today(), from);
        const { plan } = await weave({
          instance: then.instance,
          seconds: SECONDS,
          start: planByPlace(longer, then),
        }).unwrap();
        if (unfinishedIn({ ...longer, plan: finishPlan(longer, then, plan) }).length > 0) continue;
        setAnswer(`${proven} With ${more} ${more === 1 ? 'class' : 'classes'} more there is a plan that finishes all.`);
        return;
      }
      setAnswer(proven);
    } catch (error) {
      setAnswer(whyRefused(error));
    } finally {
      setAsking(false);
    }
  };
  return (
    <section className="what-fits" aria-label="What is not reached">
      <p>
        Not finished by this plan: {open.map(({ title }) => title).join(', ')}.{' '}
        <Button type="link" loading={isAsking} onClick={() => void ask()}>
          What would it take?
        </Button>
      </p>
      <p aria-live="polite">{answer}</p>
    </section>
  );
}
