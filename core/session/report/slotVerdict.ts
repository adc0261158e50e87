import { THRESHOLDS } from '../limits/thresholds';

export interface SlotVerdict {
  readonly state: 'empty' | 'under' | 'fits' | 'over';
  /** How much is planned beyond the slot, in milliseconds; negative where time is left. */
  readonly beyondMs: number;
}

/** Whether a class fits its slot. A 46-minute class in a 45-minute slot still fits; one second more is over. */
export function slotVerdict(totalMs: number, slotMinutes: number): SlotVerdict {
  const beyondMs = totalMs - slotMinutes * 60_000;
  if (totalMs === 0) return { state: 'empty', beyondMs };
  if (beyondMs > THRESHOLDS.slotOver * 1000) return { state: 'over', beyondMs };
  return { state: beyondMs < -THRESHOLDS.slotUnder * 1000 ? 'under' : 'fits', beyondMs };
}
