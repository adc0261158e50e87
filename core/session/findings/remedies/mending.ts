import type { PlanEdit } from '../../edit/edit';
import type { MovementItem } from '../../plan/session';
import { analyseAfter } from '../finding/analyseClass';
import type { AnalysedClass, Check, Finding, Remedy } from '../finding/finding';

/** Whether a finding is gone after some changes, by the check that found it. */
export function clears(
  look: Check['look'],
  analysed: AnalysedClass,
  finding: Finding,
  edits: readonly PlanEdit[],
): boolean {
  const after = analyseAfter(analysed, edits);
  return after !== null && !look(after).some(({ key }) => key === finding.key);
}

/** The first of some remedies, tried in turn, that clears a finding; none where none does. */
export function firstThatClears(
  look: Check['look'],
  analysed: AnalysedClass,
  finding: Finding,
  remedies: readonly Remedy[],
): Remedy[] {
  const found = remedies.find(({ edits }) => clears(look, analysed, finding, edits));
  return found ? [found] : [];
}

/** The line of a movement; undefined for rests, talks and lines that are gone. */
export const movementLine = ({ plan }: Pick<AnalysedClass, 'plan'>, itemId: string | null): MovementItem | undefined =>
  plan.sections
    .flatMap(({ items }) => items)
    .find((item): item is MovementItem => item.kind === 'movement' && item.id === itemId);

/** A new line's id, made from the one it stands beside; it is not taken in the class. */
export function freshId({ plan }: Pick<AnalysedClass, 'plan'>, beside: string, word: string): string {
  const taken = new Set(plan.sections.flatMap(({ items }) => items.map(({ id }) => id)));
  for (let n = 1; ; n += 1) {
    const id = `${beside.slice(0, 40)}-${word}-${n}`;
    if (!taken.has(id)) return id;
  }
}
