import { THRESHOLDS } from '../../../limits/thresholds';
import { longInLine } from './longInLine';

/** On one leg again and again with nothing to hold on to. */
export const oneLegFree = longInLine({
  code: 'one-leg-free',
  goesOn: ({ oneLeg, balance }) => oneLeg !== null && balance > THRESHOLDS.freeBalance,
  limit: (strength) =>
    ({
      gentle: THRESHOLDS.oneLegFreeGentle,
      steady: THRESHOLDS.oneLegFreeSteady,
      strong: Number.POSITIVE_INFINITY,
    })[strength],
  words: (name, seconds) => `${name} stands on one leg for ${seconds} s in all, with nothing to hold on to`,
  help: 'A wall or a chair within reach, or the toes left on the floor.',
});
