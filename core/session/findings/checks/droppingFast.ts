import { THRESHOLDS } from '../../limits/thresholds';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { atPaces, easierWays } from '../remedies/easing';
import { firstThatClears } from '../remedies/mending';

const look = (analysed: AnalysedClass): FindingOf<'dropping-fast'>[] => {
  const { pieces, timeline } = analysed;
  const fastest = new Map<string, { seconds: number; atMs: number }>();
  pieces.forEach((piece, index) => {
    const next = pieces[index + 1];
    if (piece.demand.headLow || !next?.demand.headLow) return;
    const segment = timeline.segments[next.segment];
    if (!segment) return;
    const seconds = segment.lengthMs / 1000;
    const known = fastest.get(next.itemId);
    if (!known || seconds < known.seconds) fastest.set(next.itemId, { seconds, atMs: segment.startMs });
  });
  return [...fastest].flatMap(([itemId, { seconds, atMs }]): FindingOf<'dropping-fast'>[] => {
    const key = `dropping-fast ${itemId}`;
    const limits = { limit: THRESHOLDS.dropping, grave: THRESHOLDS.dropping / 2, under: true };
    const weighed = weigh(analysed, key, seconds, limits);
    if (!weighed) return [];
    return [
      {
        code: 'dropping-fast',
        evidence: null,
        key,
        ...weighed,
        itemId,
        atMs,
        what: `${nameOf(analysed, itemId)} drops the head below the heart within ${seconds.toFixed(1)} s.`,
        why: [
          `${THRESHOLDS.dropping} s are the least.`,
          'A fold is let down, not thrown: mind the back and the blood pressure.',
        ],
      },
    ];
  });
};

/** A fold that is dropped into. */
export const droppingFast: Check = checkFor({
  codes: ['dropping-fast'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    return [atPaces(analysed, itemId, [6, 5, 4, 3]), easierWays(analysed, itemId)].flatMap((ways) =>
      firstThatClears(look, analysed, finding, ways),
    );
  },
});
