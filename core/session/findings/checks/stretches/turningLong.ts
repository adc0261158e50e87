import { THRESHOLDS } from '../../../limits/thresholds';
import { longInLine } from './longInLine';

/** The pelvis turned over planted feet for minutes on end. */
export const turningLong = longInLine({
  code: 'turning-long',
  goesOn: ({ turnedOver }) => turnedOver,
  limit: (strength) => (strength === 'gentle' ? THRESHOLDS.turningGentle : THRESHOLDS.turning),
  words: (name, seconds) => `${name} turns over planted feet for ${seconds} s`,
  help: 'The knees take what the feet do not turn: let the heel go along, or turn less and less often.',
});
