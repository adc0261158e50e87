import type { Severity } from '../../../words/severity';
import type { AnalysedClass, Finding } from './finding';

/** Within a fifth of a limit a finding hangs on the convention. */
const BORDERLINE = 0.2;
/** What stands is only gone when it is better by a twentieth, so that findings do not flicker. */
const CLEARING = 0.05;

export interface Bounds {
  /** More than this is said; or less, where `under`. */
  readonly limit: number;
  /** More than this is grave. */
  readonly grave?: number;
  readonly under?: boolean;
  readonly severity?: readonly [grave: Severity, said: Severity];
}

export type Weighed = Pick<Finding, 'severity' | 'amount' | 'borderline'>;

/**
 * Holds a figure against its limit. `weigh(analysed, 'overhead-long a', 70, { limit: 60, grave: 120 })` is a warning, and
 * borderline: at 72 s and a fifth kinder it would be let pass. Null where there is nothing to say.
 */
export function weigh(
  { standing }: Pick<AnalysedClass, 'standing'>,
  key: string,
  amount: number,
  { limit, grave, under = false, severity = ['stop', 'warn'] }: Bounds,
): Weighed | null {
  const sign = under ? -1 : 1;
  const clears = standing.has(key) ? limit - sign * Math.abs(limit) * CLEARING : limit;
  if (sign * (amount - clears) <= 0) return null;
  const isGrave = grave !== undefined && sign * (amount - grave) > 0;
  return {
    severity: isGrave ? severity[0] : severity[1],
    amount,
    borderline: sign * (amount - (limit + sign * Math.abs(limit) * BORDERLINE)) <= 0,
  };
}
