import { THRESHOLDS } from '../../limits/thresholds';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { easierWays } from '../remedies/easing';
import { firstThatClears } from '../remedies/mending';

const look = (analysed: AnalysedClass): FindingOf<'turned-away'>[] => {
  const found = new Map<string, { startMs: number; seconds: number; angle: number }>();
  let open: { itemId: string; startMs: number; seconds: number; angle: number } | null = null;
  const close = () => {
    if (open && open.seconds > (found.get(open.itemId)?.seconds ?? 0)) found.set(open.itemId, open);
    open = null;
  };
  for (const { demand, startMs, seconds, itemId } of analysed.pieces) {
    const angle = Math.abs(demand.facing);
    if (angle <= THRESHOLDS.turnedAwayAngle) {
      close();
      continue;
    }
    open = open ?? { itemId, startMs, seconds: 0, angle: 0 };
    open = { ...open, seconds: open.seconds + seconds, angle: Math.max(open.angle, angle) };
  }
  close();
  return [...found].flatMap(([itemId, { startMs, seconds, angle }]) => {
    const key = `turned-away ${itemId}`;
    const weighed = weigh(analysed, key, seconds, { limit: THRESHOLDS.turnedAway, severity: ['warn', 'notice'] });
    if (!weighed) return [];
    return [
      {
        code: 'turned-away',
        evidence: null,
        key,
        ...weighed,
        itemId,
        atMs: startMs,
        what: `${nameOf(analysed, itemId)} turns the class away from you for ${Math.round(seconds)} s.`,
        why: [
          `Up to ${Math.round(angle)}° from the front; from ${THRESHOLDS.turnedAwayAngle}° on you are out of sight. ${THRESHOLDS.turnedAway} s are let pass.`,
          'Show it first, walk round to the other side, or let those at the back lead.',
        ],
      },
    ];
  });
};

/** The class cannot see its instructor. */
export const turnedAway: Check = checkFor({
  codes: ['turned-away'],
  look,
  remedies: (analysed, finding) =>
    finding.itemId === null ? [] : firstThatClears(look, analysed, finding, easierWays(analysed, finding.itemId)),
});
