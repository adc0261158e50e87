import { readinessGaps } from '../sessionReadiness';
import { THRESHOLDS } from '../thresholds';
import type { Check } from './finding';
import { nameOf } from './nameOf';

/** A region asked for more than the warm-up has made it ready for. The warm-up itself is what makes ready. */
export const unready: Check = (judged) => {
  const warming = new Set(
    judged.plan.sections
      .filter(({ kind }) => kind === 'opening' || kind === 'warm-up')
      .flatMap(({ items }) => items.map(({ id }) => id)),
  );
  return readinessGaps(judged.pieces)
    .filter(({ itemId, size }) => !warming.has(itemId) && size >= THRESHOLDS.readinessGap)
    .map(({ region, itemId, startMs, seconds, size, ready, demand, allowed }) => ({
      code: 'not-ready' as const,
      severity: size >= 3 * THRESHOLDS.readinessGap ? ('warn' as const) : ('notice' as const),
      itemId,
      atMs: startMs,
      what: `${nameOf(judged, itemId)} asks more of the ${region.replace('-', ' ')} than has been warmed up.`,
      why: [
        `Asked ${demand.toFixed(2)}, allowed ${allowed.toFixed(2)} with ${Math.round(ready * 100)} % readiness, for ${Math.round(seconds)} s.`,
        `Move the ${region.replace('-', ' ')} gently before it.`,
      ],
    }));
};
