import type { Strength } from '../../demand/ceilings';
import type { Plan } from '../session';
import { sessionDemand } from '../sessionDemand';
import { type FindMovement, timelineOf } from '../timeline';
import type { Check, Finding } from './finding';
import { headLow } from './headLow';
import { oneLeg } from './oneLeg';
import { overhead } from './overhead';
import { shortCoolDown } from './shortCoolDown';
import { strained } from './strained';
import { unequalSides } from './unequalSides';
import { unready } from './unready';

/** Every check there is. A new one is a file, and a line here. */
export const CHECKS: readonly Check[] = [strained, unready, overhead, oneLeg, headLow, unequalSides, shortCoolDown];

const GRAVITY = { stop: 0, warn: 1, notice: 2 } as const;

/** Everything the checks find in a class, the gravest first, then in the order of the class. */
export function judgeClass(plan: Plan, find: FindMovement, strength: Strength): Finding[] {
  const answer = timelineOf(plan, find);
  if (!answer.ok) return [];
  const judged = { plan, timeline: answer.timeline, pieces: sessionDemand(answer.timeline, find), find, strength };
  return CHECKS.flatMap((check) => check(judged)).toSorted(
    (a, b) => GRAVITY[a.severity] - GRAVITY[b.severity] || (a.atMs ?? 0) - (b.atMs ?? 0),
  );
}
