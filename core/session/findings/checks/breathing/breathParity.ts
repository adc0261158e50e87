import { placeOf } from '../../../edit/editPlan';
import { type AnalysedClass, type Check, checkFor, type FindingOf, type Remedy } from '../../finding/finding';
import { nameOf } from '../../finding/nameOf';
import { firstThatClears, movementLine } from '../../remedies/mending';

const look = ({ timeline, ...analysed }: AnalysedClass): FindingOf<'breath-parity'>[] => {
  // In a warm-up that everybody just follows nobody minds; in a set that flows the breath should go on.
  const flowing = analysed.plan.sections.findIndex(({ kind }) => kind === 'main');
  const found = timeline.items.flatMap(({ itemId, section, startMs, first, end }): FindingOf<'breath-parity'>[] => {
    if (section !== flowing) return [];
    const [before, now] = [timeline.segments[first - 1], timeline.segments[first]];
    if (!before || !now || end === first) return [];
    const { breath } = now;
    if (before.breath !== breath || (breath !== 'in' && breath !== 'out')) return [];
    const name = nameOf(analysed, itemId);
    return [
      {
        code: 'breath-parity',
        evidence: null,
        key: `breath-parity ${itemId}`,
        severity: 'notice',
        amount: 1,
        borderline: false,
        itemId,
        atMs: startMs,
        what: `${name} begins with an ${breath}-breath right after an ${breath}-breath.`,
        why: [
          `Nothing stands between them, so there is no ${breath === 'in' ? 'out' : 'in'}-breath for the class to take.`,
          'A breath half before it, or a moment of standing still, puts the breath right.',
        ],
      },
    ];
  });
  return found.filter(({ key }, place) => found.findIndex((other) => other.key === key) === place);
};

/** A breath half before the line, given by hand. */
function oneHalf(analysed: AnalysedClass, itemId: string): Remedy[] {
  const line = movementLine(analysed, itemId);
  if (!line) return [];
  const halves = (line.bridge?.halves ?? 0) + 1;
  const call = line.bridge?.call || 'And breathe';
  const label = `One more half breath before ${nameOf(analysed, itemId)}`;
  return [{ label, edits: [{ kind: 'change', itemId, to: { bridge: { halves, call } } }] }];
}

/** The line before it settled for a moment. */
function stillBefore(analysed: AnalysedClass, itemId: string): Remedy[] {
  const at = placeOf(analysed.plan, itemId);
  const before = at && analysed.plan.sections[at.section]?.items[at.index - 1];
  if (before?.kind !== 'movement') return [];
  const label = `Stand still for 5 s after ${nameOf(analysed, before.id)}`;
  return [{ label, edits: [{ kind: 'change', itemId: before.id, to: { settle: { kind: 'still', seconds: 5 } } }] }];
}

/** Two movements that flow into each other but want the same half of the breath. */
export const breathParity: Check = checkFor({
  codes: ['breath-parity'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    return [
      ...firstThatClears(look, analysed, finding, oneHalf(analysed, itemId)),
      ...firstThatClears(look, analysed, finding, stillBefore(analysed, itemId)),
    ];
  },
});
