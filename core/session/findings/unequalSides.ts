import { countSide } from '../sessionSides';
import type { Check } from './finding';
import { nameOf } from './nameOf';

/** A line that is done more on one side than on the other. */
export const unequalSides: Check = (judged) => {
  const { timeline } = judged;
  return timeline.items.flatMap(({ itemId, first, end, startMs }) => {
    const segments = timeline.segments.slice(first, end);
    const [left, right] = [countSide(segments, 'left'), countSide(segments, 'right')];
    if (left.repetitions === right.repetitions) return [];
    const [side, less] = left.repetitions > right.repetitions ? (['left', right] as const) : (['right', left] as const);
    return [
      {
        code: 'sides-unequal' as const,
        severity: less.repetitions === 0 ? ('warn' as const) : ('notice' as const),
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
