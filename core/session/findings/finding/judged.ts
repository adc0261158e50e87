import type { PlanEdit } from '../../edit/planEdit';
import { applyEdits } from '../../edit/planEdit';
import { sessionDemand } from '../../load/sessionDemand';
import { movementsOf } from '../../plan/adaptMovement';
import { offeredWays } from '../../plan/offeredWays';
import type { Plan } from '../../plan/session';
import { timelineOf } from '../../timeline/timeline';
import type { Bench, Judged } from './finding';

const NOTHING: ReadonlySet<string> = new Set();

/** A class with everything worked out that checks look at; null where a line's movement is not known. */
export function judgedOf(plan: Plan, bench: Bench, standing: ReadonlySet<string> = NOTHING): Judged | null {
  const answer = timelineOf(plan, bench.find);
  if (!answer.ok) return null;
  const { timeline } = answer;
  return {
    ...bench,
    plan,
    timeline,
    pieces: sessionDemand(plan, timeline, bench.find),
    otherWays: offeredWays(plan).map((other) => sessionDemand(other, timeline, bench.find)),
    movements: movementsOf(plan, bench.find),
    standing,
  };
}

/** The class as it would be after some changes. */
export const judgedAfter = (judged: Judged, edits: readonly PlanEdit[]): Judged | null =>
  judgedOf(applyEdits(judged.plan, edits), judged, judged.standing);
