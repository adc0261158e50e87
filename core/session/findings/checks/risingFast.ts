import { THRESHOLDS } from '../../limits/thresholds';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { atPaces } from '../remedies/easing';
import { firstThatClears } from '../remedies/mending';

const look = (analysed: AnalysedClass): FindingOf<'rising-fast'>[] => {
  const { pieces, timeline } = analysed;
  const worst = new Map<string, { seconds: number; atMs: number }>();
  let hung = 0;
  pieces.forEach((piece, index) => {
    const next = pieces[index + 1];
    hung = piece.demand.headLow ? hung + piece.seconds : 0;
    // Only a head that has hung for a while makes dizzy when it comes up.
    if (hung < THRESHOLDS.hung || !next || next.demand.headLow) return;
    // The head comes up within one phase, or with the next one when it begins.
    const segment = timeline.segments[next.segment];
    if (!segment || segment.kind === 'rest') return;
    const known = worst.get(next.itemId);
    const seconds = segment.lengthMs / 1000;
    if (!known || seconds < known.seconds) worst.set(next.itemId, { seconds, atMs: next.startMs });
  });
  return [...worst].flatMap(([itemId, { seconds, atMs }]) => {
    const key = `rising-fast ${itemId}`;
    const weighed = weigh(analysed, key, seconds, {
      limit: THRESHOLDS.rising,
      grave: THRESHOLDS.rising / 2,
      under: true,
    });
    if (!weighed) return [];
    return [
      {
        code: 'rising-fast',
        evidence: null,
        key,
        ...weighed,
        itemId,
        atMs,
        what: `${nameOf(analysed, itemId)} brings the head up from below the heart within ${seconds.toFixed(1)} s.`,
        why: [
          `${THRESHOLDS.rising} s are the least.`,
          'Fast rising makes dizzy; mind blood pressure. Roll up slowly, the head last.',
        ],
      },
    ];
  });
};

/** The head that has hung low comes up too fast. */
export const risingFast: Check = checkFor({
  codes: ['rising-fast'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    return firstThatClears(look, analysed, finding, atPaces(analysed, itemId, [6, 5, 4, 3]));
  },
});
