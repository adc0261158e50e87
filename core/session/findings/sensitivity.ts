import { STRENGTHS } from '../../demand/ceilings';
import type { PlanEdit } from '../edit/edit';
import { limitsFor } from '../limits/limitsFor';
import { analyseAfter } from './finding/analyseClass';
import type { AnalysedClass, Finding } from './finding/finding';
import { findingsOf } from './judge';
import { movementLine } from './remedies/mending';

/** A small change of a line, and how it is said. */
interface Nudge {
  readonly words: string;
  readonly edits: readonly PlanEdit[];
}

/** The smallest changes of a line that an instructor might make anyway, one of each kind after the other. */
function nudgesOf(analysed: AnalysedClass, itemId: string): Nudge[][] {
  const line = movementLine(analysed, itemId);
  const movement = line && analysed.find(line.movementId);
  if (!line || !movement) return [];
  const change = (words: string, to: Extract<PlanEdit, { kind: 'change' }>['to']): Nudge => ({
    words,
    edits: [{ kind: 'change', itemId, to }],
  });
  const { step, least } = movement.count;
  const sinks = line.ramp === null ? [5, 10] : [];
  const counts = [1, 2].map((steps) => line.count - steps * step).filter((count) => count >= least);
  return [
    sinks.map((degrees) => change(`${degrees}° higher`, { ramp: { what: 'sink', from: -degrees, to: -degrees } })),
    counts.map((count) => change(`at ${count}`, { count })),
  ];
}

/**
 * What a finding hangs on, in a few words: "gone 5° higher", "gone for a steady group". Nothing where no small change lets it go.
 */
export function sensitivityOf(analysed: AnalysedClass, finding: Finding): string[] {
  const stays = (after: AnalysedClass | null): boolean =>
    after === null || findingsOf(after).some(({ key }) => key === finding.key);
  const said = nudgesOf(analysed, finding.itemId ?? '').flatMap((nudges) => {
    const enough = nudges.find(({ edits }) => !stays(analyseAfter(analysed, edits)));
    return enough ? [`gone ${enough.words}`] : [];
  });
  const stronger = STRENGTHS[STRENGTHS.indexOf(analysed.limits.strength) + 1];
  if (!stronger) return said;
  const limits = limitsFor({ strength: stronger, pace: analysed.limits.pace });
  return stays({ ...analysed, limits }) ? said : [...said, `gone for a ${stronger} group`];
}
