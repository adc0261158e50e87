import { THRESHOLDS } from '../../../limits/thresholds';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../../finding/finding';
import { longestOf } from '../../finding/longestOf';
import { nameOf } from '../../finding/nameOf';
import { weigh } from '../../finding/weigh';
import { atPaces } from '../../remedies/easing';
import { firstThatClears } from '../../remedies/mending';

const look = (analysed: AnalysedClass): FindingOf<'retention-long'>[] =>
  longestOf(analysed, ({ breath }) => breath === 'retained-full' || breath === 'retained-empty').flatMap(
    ({ itemId, startMs, lengthMs }) => {
      const key = `retention-long ${itemId}`;
      const weighed = weigh(analysed, key, lengthMs / 1000, {
        limit: THRESHOLDS.retention,
        grave: 2 * THRESHOLDS.retention,
      });
      if (!weighed) return [];
      return [
        {
          code: 'retention-long',
          evidence: null,
          key,
          ...weighed,
          itemId,
          atMs: startMs,
          what: `${nameOf(analysed, itemId)} stops the breath for ${weighed.amount.toFixed(1)} s.`,
          why: [
            `A retention is a stopped breath, not a hold; ${THRESHOLDS.retention} s are the most here.`,
            'Not in pregnancy, nor with high blood pressure, heart or lung disease: let them breathe on.',
          ],
        },
      ];
    },
  );

/** A stopped breath for long. */
export const longRetention: Check = checkFor({
  codes: ['retention-long'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    return firstThatClears(look, analysed, finding, atPaces(analysed, itemId, [6, 7, 8, 9, 10, 12]));
  },
});
