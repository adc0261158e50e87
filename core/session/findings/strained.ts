import { sessionStrain } from '../sessionStrain';
import { strainWords } from '../strainWords';
import { THRESHOLDS } from '../thresholds';
import type { Check } from './finding';
import { nameOf } from './nameOf';

/** A region over the group's ceiling, with the lines it comes from. */
export const strained: Check = (judged) =>
  sessionStrain(judged.pieces, judged.strength)
    .filter(({ percent }) => percent > THRESHOLDS.strainWarn)
    .map((strain) => {
      const words = strainWords(strain, judged.strength, (itemId) => nameOf(judged, itemId));
      return {
        code: 'strained' as const,
        severity: strain.percent > THRESHOLDS.strainStop ? ('stop' as const) : ('warn' as const),
        itemId: strain.parts[0]?.itemId ?? null,
        atMs: strain.atMs,
        what: `${words.charAt(0).toUpperCase()}${words.slice(1)}.`,
        why: [
          strain.compartment === 'fast' ? 'It tires within a minute or two.' : 'It adds up over a quarter of an hour.',
          'An index, not a measurement. A rest, a loosening or a higher stance before it brings it down.',
        ],
      };
    });
