import { THRESHOLDS } from '../../report/thresholds';
import type { Check, Finding, Judged } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { firstThatClears } from '../remedies/mending';

const look = (judged: Judged): Finding[] => {
  const { pieces, timeline } = judged;
  const worst = new Map<string, { seconds: number; atMs: number }>();
  pieces.forEach((piece, index) => {
    const next = pieces[index + 1];
    if (!piece.demand.headLow || !next || next.demand.headLow) return;
    // The head comes up within one phase, or with the next one when it begins.
    const segment = timeline.segments[next.segment];
    if (!segment || segment.kind === 'rest') return;
    const known = worst.get(next.itemId);
    const seconds = segment.lengthMs / 1000;
    if (!known || seconds < known.seconds) worst.set(next.itemId, { seconds, atMs: next.startMs });
  });
  return [...worst].flatMap(([itemId, { seconds, atMs }]) => {
    const key = `rising-fast ${itemId}`;
    const weighed = weigh(judged, key, seconds, {
      limit: THRESHOLDS.rising,
      grave: THRESHOLDS.rising / 2,
      under: true,
    });
    if (!weighed) return [];
    return [
      {
        code: 'rising-fast',
        key,
        ...weighed,
        itemId,
        atMs,
        what: `${nameOf(judged, itemId)} brings the head up from below the hips within ${seconds.toFixed(1)} s.`,
        why: [
          `${THRESHOLDS.rising} s are the least.`,
          'Fast rising makes dizzy; mind blood pressure. Roll up slowly, the head last.',
        ],
      },
    ];
  });
};

/** The head that has hung low comes up too fast. */
export const risingFast: Check = {
  codes: ['rising-fast'],
  look,
  remedies: (judged, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    return firstThatClears(
      look,
      judged,
      finding,
      [6, 5, 4, 3]
        .filter((pace) => pace >= judged.pace.least)
        .map((pace) => ({
          label: `${nameOf(judged, itemId)} at ${pace} breaths a minute`,
          edits: [{ kind: 'change', itemId, to: { pace } }],
        })),
    );
  },
};
