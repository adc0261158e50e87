import { applyEdits } from '../edit/applyEdits';
import type { PlanEdit } from '../edit/edit';
import { analyseClass } from './finding/analyseClass';
import type { AnalysedClass, Finding, Remedy } from './finding/finding';
import { findingsOf, remediesFor } from './judge';

/** What some changes would do to a class. */
export interface Preview {
  /** How long the class would be, and how much longer than now, milliseconds. */
  readonly totalMs: number;
  readonly addsMs: number;
  /** What would be gone, and what would be new, each in its own words. */
  readonly gone: readonly string[];
  readonly appears: readonly string[];
}

/** A remedy with what it would do. */
export interface TriedRemedy extends Remedy {
  readonly preview: Preview;
}

/** What changes would do, without doing them; null where they name a movement that is not known. */
export function previewOf(analysed: AnalysedClass, edits: readonly PlanEdit[]): Preview | null {
  const now = findingsOf(analysed);
  const standing = new Set(now.map(({ key }) => key));
  const after = analyseClass(applyEdits(analysed.plan, edits), analysed, standing);
  if (!after) return null;
  const then = findingsOf(after);
  const missingIn = (some: readonly Finding[], others: readonly Finding[]) =>
    some.filter(({ key }) => !others.some((other) => other.key === key)).map(({ what }) => what);
  return {
    totalMs: after.timeline.totalMs,
    addsMs: after.timeline.totalMs - analysed.timeline.totalMs,
    gone: missingIn(now, then),
    appears: missingIn(then, now),
  };
}

/** The remedies of a finding with what each would do; those that bring the least that is new come first. */
export function triedRemedies(analysed: AnalysedClass, finding: Finding): TriedRemedy[] {
  return remediesFor(analysed, finding)
    .flatMap((remedy) => {
      const preview = previewOf(analysed, remedy.edits);
      return preview ? [{ ...remedy, preview }] : [];
    })
    .toSorted((a, b) => a.preview.appears.length - b.preview.appears.length);
}
