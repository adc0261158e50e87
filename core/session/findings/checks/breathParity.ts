import { placeOf } from '../../edit/editPlan';
import type { Check, Finding, Judged, Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { firstThatClears, movementLine } from '../remedies/mending';

const look = ({ timeline, ...judged }: Judged): Finding[] => {
  const found = timeline.items.flatMap(({ itemId, startMs, first, end }): Finding[] => {
    const [before, now] = [timeline.segments[first - 1], timeline.segments[first]];
    if (!before || !now || end === first) return [];
    const { breath } = now;
    if (before.breath !== breath || (breath !== 'in' && breath !== 'out')) return [];
    const name = nameOf(judged, itemId);
    return [
      {
        code: 'breath-parity',
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
function oneHalf(judged: Judged, itemId: string): Remedy[] {
  const line = movementLine(judged, itemId);
  if (!line) return [];
  const halves = (line.bridge?.halves ?? 0) + 1;
  const call = line.bridge?.call || 'And breathe';
  const label = `One more half breath before ${nameOf(judged, itemId)}`;
  return [{ label, edits: [{ kind: 'change', itemId, to: { bridge: { halves, call } } }] }];
}

/** The line before it settled for a moment. */
function stillBefore(judged: Judged, itemId: string): Remedy[] {
  const at = placeOf(judged.plan, itemId);
  const before = at && judged.plan.sections[at.section]?.items[at.index - 1];
  if (before?.kind !== 'movement') return [];
  const label = `Stand still for 5 s after ${nameOf(judged, before.id)}`;
  return [{ label, edits: [{ kind: 'change', itemId: before.id, to: { settle: { kind: 'still', seconds: 5 } } }] }];
}

/** Two movements that flow into each other but want the same half of the breath. */
export const breathParity: Check = {
  codes: ['breath-parity'],
  look,
  remedies: (judged, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    return [
      ...firstThatClears(look, judged, finding, oneHalf(judged, itemId)),
      ...firstThatClears(look, judged, finding, stillBefore(judged, itemId)),
    ];
  },
};
