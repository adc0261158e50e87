import { classMinutes, type Doors } from '../../../core/session/plan/slotTime';
import type { SlotVerdict } from '../../../core/session/report/slotVerdict';
import { inWords } from '../../app/words';

interface Slot {
  readonly slotMinutes: number;
  readonly doors: Doors;
}

/** So little beyond its time is not said, milliseconds. */
const LET_PASS = 15_000;

/** Over or under, in plain words: held against the time that is class, as late as it ends in eight of ten. */
export function slotWords({ state, beyondMs }: SlotVerdict, slot: Slot): string {
  switch (state) {
    case 'empty':
      return `Nothing planned yet for ${classMinutes(slot)} minutes`;
    case 'over':
      return `Ends ${inWords(beyondMs)} late, or later, in two of ten`;
    case 'under':
      return `${inWords(beyondMs)} still empty`;
    case 'fits':
      // Nobody follows in the hall.
      if (beyondMs > LET_PASS) return `Fits: may run on by ${inWords(beyondMs)}, and nobody follows`;
      return beyondMs < -1000
        ? `Fits: in time in eight of ten, ${inWords(beyondMs)} to spare`
        : 'Fits: in time in eight of ten';
  }
}
