import { applyEdits } from '../../edit/applyEdits';
import type { PlanEdit } from '../../edit/edit';
import { sessionDemand } from '../../load/sessionDemand';
import { adaptedMovements } from '../../plan/adaptMovement';
import { offeredWays } from '../../plan/offeredWays';
import type { Plan } from '../../plan/session';
import { timelineOf } from '../../schedule/timeline';
import type { AnalysedClass, JudgingContext } from './finding';

const NOTHING: ReadonlySet<string> = new Set();

/** A class with everything worked out that checks look at; null where a line's movement is not known. */
export function analyseClass(
  plan: Plan,
  context: JudgingContext,
  standing: ReadonlySet<string> = NOTHING,
): AnalysedClass | null {
  const answer = timelineOf(plan, context.find);
  if (!answer.ok) return null;
  const { timeline } = answer;
  return {
    ...context,
    plan,
    timeline,
    pieces: sessionDemand(plan, timeline, context.find),
    otherWays: offeredWays(plan).map((other) => sessionDemand(other, timeline, context.find)),
    movements: adaptedMovements(plan, context.find),
    standing,
  };
}

/** The class as it would be after some changes. */
export const analyseAfter = (analysed: AnalysedClass, edits: readonly PlanEdit[]): AnalysedClass | null =>
  analyseClass(applyEdits(analysed.plan, edits), analysed, analysed.standing);
