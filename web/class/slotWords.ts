import type { SlotVerdict } from '../../core/session/report/slotVerdict';
import { inWords } from '../app/words';

/** Over or under, in plain words. */
export function slotWords({ state, beyondMs }: SlotVerdict, slotMinutes: number): string {
  switch (state) {
    case 'empty':
      return `Nothing planned yet for ${slotMinutes} minutes`;
    case 'over':
      return `${inWords(beyondMs)} too long for the slot`;
    case 'under':
      return `${inWords(beyondMs)} of the slot still empty`;
    case 'fits':
      if (Math.abs(beyondMs) < 1000) return 'Fits the slot to the second';
      return beyondMs > 0 ? `Fits, ${inWords(beyondMs)} past the end` : `Fits, ${inWords(beyondMs)} to spare`;
  }
}
