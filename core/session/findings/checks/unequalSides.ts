import { countSide } from '../../load/sessionSides';
import { lineTimes, segmentsOf } from '../../timeline/lineTimes';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { firstThatClears } from '../remedies/mending';

const look = (analysed: AnalysedClass): FindingOf<'sides-unequal'>[] => {
  const { timeline } = analysed;
  return [...lineTimes(timeline).values()].flatMap((line) => {
    const { itemId, startMs } = line;
    const segments = segmentsOf(timeline, line);
    const [left, right] = [countSide(segments, 'left'), countSide(segments, 'right')];
    if (left.repetitions === right.repetitions) return [];
    const [side, less] = left.repetitions > right.repetitions ? (['left', right] as const) : (['right', left] as const);
    return [
      {
        code: 'sides-unequal',
        evidence: null,
        key: `sides-unequal ${itemId}`,
        severity: less.repetitions === 0 ? ('warn' as const) : ('notice' as const),
        amount: left.repetitions - right.repetitions,
        borderline: false,
        itemId,
        atMs: startMs,
        what: `${nameOf(analysed, itemId)} is done more on the ${side}.`,
        why: [
          `Left ${left.repetitions} times, ${Math.round(left.seconds)} s; right ${right.repetitions} times, ${Math.round(right.seconds)} s.`,
          'Each side in turn, the same count, unless it is taught one-sided on purpose.',
        ],
      },
    ];
  });
};

/** A line that is done more on one side than on the other. */
export const unequalSides: Check = checkFor({
  codes: ['sides-unequal'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    const name = nameOf(analysed, itemId);
    return firstThatClears(look, analysed, finding, [
      { label: `${name} on both sides`, edits: [{ kind: 'change', itemId, to: { sides: 'usual' } }] },
    ]);
  },
});
