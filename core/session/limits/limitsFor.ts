import type { Region } from '../../body/written/region';
import { CEILINGS, type Ceiling, type Strength } from '../../demand/ceilings';
import { THRESHOLDS } from './thresholds';

/** What goes on that a class should not do for long. */
export type RunKind = 'overhead' | 'one-leg' | 'head-low' | 'arms-round';

/** How long something may go on unbroken, seconds: from `warn` on it is said, from `stop` on it is too long. */
export interface RunLimit {
  readonly warn: number;
  readonly stop: number;
}

/** How much may be asked of whom, as the instructor says it. */
export interface AskedOfGroup {
  readonly strength: Strength;
  /** The breath paces the group is comfortable with, breaths per minute. */
  readonly pace: { readonly least: number; readonly most: number };
}

/** Everything a class is held against, resolved once for those it is for. */
export interface Limits {
  /** The word for it: "of the steady ceiling". */
  readonly strength: Strength;
  readonly ceilings: Readonly<Record<Region, Ceiling>>;
  readonly runs: Readonly<Record<RunKind, RunLimit>>;
  /** Breaths per minute. */
  readonly pace: { readonly least: number; readonly most: number };
}

/** The ceiling of every region for a strength. */
export const ceilingsFor = (strength: Strength): Limits['ceilings'] =>
  Object.fromEntries(Object.entries(CEILINGS).map(([region, of]) => [region, of[strength]])) as Limits['ceilings'];

/**
 * The limits of a group: the ceiling of every region, how long it may hold its hands overhead, stand on one leg or hang its head,
 * and its paces. A gentle group is told of one leg after 20 s, others after 45 s.
 */
export function limitsFor({ strength, pace }: AskedOfGroup): Limits {
  const isGentle = strength === 'gentle';
  const lasts = isGentle ? THRESHOLDS.overheadGentle : 1;
  return {
    strength,
    ceilings: ceilingsFor(strength),
    runs: {
      overhead: { warn: THRESHOLDS.overheadWarn * lasts, stop: THRESHOLDS.overheadStop * lasts },
      'one-leg': isGentle
        ? { warn: THRESHOLDS.oneLegGentleWarn, stop: THRESHOLDS.oneLegGentleStop }
        : { warn: THRESHOLDS.oneLegWarn, stop: THRESHOLDS.oneLegStop },
      'head-low': { warn: THRESHOLDS.headLow, stop: 2 * THRESHOLDS.headLow },
      'arms-round': { warn: THRESHOLDS.armsRound[strength], stop: 1.5 * THRESHOLDS.armsRound[strength] },
    },
    pace,
  };
}
