import { countSide } from '../../load/sessionSides';
import { lineTimes, segmentsOf } from '../../timeline/lineTimes';
import type { Check, Finding, Judged } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { firstThatClears } from '../remedies/mending';

const look = (judged: Judged): Finding[] => {
  const { timeline } = judged;
  return [...lineTimes(timeline).values()].flatMap((line) => {
    const { itemId, startMs } = line;
    const segments = segmentsOf(timeline, line);
    const [left, right] = [countSide(segments, 'left'), countSide(segments, 'right')];
    if (left.repetitions === right.repetitions) return [];
    const [side, less] = left.repetitions > right.repetitions ? (['left', right] as const) : (['right', left] as const);
    return [
      {
        code: 'sides-unequal',
        key: `sides-unequal ${itemId}`,
        severity: less.repetitions === 0 ? ('warn' as const) : ('notice' as const),
        amount: left.repetitions - right.repetitions,
        borderline: false,
        itemId,
        atMs: startMs,
        what: `${nameOf(judged, itemId)} is done more on the ${side}.`,
        why: [
          `Left ${left.repetitions} times, ${Math.round(left.seconds)} s; right ${right.repetitions} times, ${Math.round(right.seconds)} s.`,
          'Each side in turn, the same count, unless it is taught one-sided on purpose.',
        ],
      },
    ];
  });
};

/** A line that is done more on one side than on the other. */
export const unequalSides: Check = {
  codes: ['sides-unequal'],
  look,
  remedies: (judged, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    const name = nameOf(judged, itemId);
    return firstThatClears(look, judged, finding, [
      { label: `${name} on both sides`, edits: [{ kind: 'change', itemId, to: { sides: 'usual' } }] },
    ]);
  },
};
