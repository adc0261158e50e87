import { applyEdits } from '../edit/applyEdits';
import { analyseClass } from '../findings/finding/analyseClass';
import type { AnalysedClass, Finding, JudgingContext } from '../findings/finding/finding';
import { isGrave, isOfSlot } from '../findings/finding/isGrave';
import { findingsOf } from '../findings/judge';
import { triedRemedies } from '../findings/preview';
import { type FitAnswer, fitPlan } from '../fit/fitPlan';
import type { Item, Plan } from '../plan/session';

/** So many remedies are taken one after the other at most. */
const REMEDIES = 10;

/** How long the class is lies with the fit that comes after. */
const toMend = (findings: readonly Finding[]): Finding[] => findings.filter((one) => isGrave(one) && !isOfSlot(one));

/** The class with a finding mended, so that fewer are left than there were: a remedy that brings as much as it settles is none. */
function mendedBy(analysed: AnalysedClass, finding: Finding, were: number): Plan | null {
  for (const { edits } of triedRemedies(analysed, finding)) {
    const then = applyEdits(analysed.plan, edits);
    const after = analyseClass(then, analysed);
    if (after && toMend(findingsOf(after)).length < were) return then;
  }
  return null;
}

/** What is grave in a class is mended by the best remedy of each, again and again. */
export function mendedPlan(plan: Plan, context: JudgingContext): Plan {
  let now = plan;
  for (let step = 0; step < REMEDIES; step += 1) {
    const analysed = analyseClass(now, context);
    if (!analysed) return now;
    const before = toMend(findingsOf(analysed));
    let mended: Plan | null = null;
    for (const finding of before) {
      mended = mendedBy(analysed, finding, before.length);
      if (mended) break;
    }
    if (!mended) return now;
    now = mended;
  }
  return now;
}

/** Longer rests by so many seconds, at most so often, where a class would otherwise be filled with more than it can bear. */
const LONGER = 15;
const LENGTHENED = 4;
const LONGEST_REST = 60;

/** The class with every rest between lines of its main part longer; null where there is none or they are long enough. */
function withLongerRests(plan: Plan): Plan | null {
  let changed = false;
  const longer = (item: Item): Item => {
    if (item.kind !== 'rest' || item.seconds + LONGER > LONGEST_REST) return item;
    changed = true;
    return { ...item, seconds: item.seconds + LONGER };
  };
  const then = {
    ...plan,
    sections: plan.sections.map((section) =>
      section.kind === 'main' ? { ...section, items: section.items.map(longer) } : section,
    ),
  };
  return changed ? then : null;
}

/** The class fitted to its slot; where more moving would ask too much, with longer rests instead. */
export function fittedPlan(plan: Plan, context: JudgingContext): Plan | null {
  for (const kind of ['trim', 'leave-out'] as const) {
    let [from, best, least]: [Plan | null, Plan | null, number] = [plan, null, Number.POSITIVE_INFINITY];
    for (let time = 0; from && least > 0 && time <= LENGTHENED; time += 1) {
      const answer: FitAnswer = fitPlan(from, context, kind, undefined, true);
      const asks = answer.ok ? answer.over.length + answer.brings.length : Number.POSITIVE_INFINITY;
      if (answer.ok && asks < least) [best, least] = [applyEdits(from, answer.edits), asks];
      from = withLongerRests(from);
    }
    if (best) return best;
  }
  return null;
}
