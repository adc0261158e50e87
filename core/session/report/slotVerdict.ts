import { THRESHOLDS } from '../limits/thresholds';
import { classMinutes, type Doors, runsOnSeconds } from '../plan/slotTime';
import type { Forecast } from './forecast';

export interface SlotVerdict {
  readonly state: 'empty' | 'under' | 'fits' | 'over';
  /** By how much the class is beyond its time when it ends as late as it does in eight of ten; milliseconds, negative where time is left. */
  readonly beyondMs: number;
}

/**
 * Whether a class fits the part of its slot that is class: it does when it ends in time in eight of ten. With nothing uncertain but the
 * class as a whole, 46 minutes 48 s fit into 50. Where nobody follows it may run on by so much more.
 */
export function slotVerdict(
  { safeMs }: Pick<Forecast, 'safeMs'>,
  slot: { readonly slotMinutes: number; readonly doors: Doors },
): SlotVerdict {
  const beyondMs = safeMs - classMinutes(slot) * 60_000;
  if (safeMs === 0) return { state: 'empty', beyondMs };
  if (beyondMs > (THRESHOLDS.slotOver + runsOnSeconds(slot)) * 1000) return { state: 'over', beyondMs };
  return { state: beyondMs < -THRESHOLDS.slotUnder * 1000 ? 'under' : 'fits', beyondMs };
}
