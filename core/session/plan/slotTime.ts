import { z } from 'zod';
import { clockAt } from '../../words/clockWords';

/** Minutes of a slot that are not class: coming in before, clearing the hall after. */
export const Doors = z.object({
  before: z.number().int().min(0).max(60),
  after: z.number().int().min(0).max(60),
  /** Minutes the class may run on, where nobody follows in the hall; left out where the end is hard. */
  runsOn: z.number().int().min(1).max(30).optional(),
});
export type Doors = z.infer<typeof Doors>;

/** A slot that is all class. */
export const NO_DOORS: Doors = { before: 0, after: 0 };
/** What is usual in a hired hall. Convention. */
export const USUAL_DOORS: Doors = { before: 5, after: 5 };

interface Slot {
  readonly slotMinutes: number;
  readonly doors: Doors;
}

/** The minutes of a slot that are class: 50 of an hour with five before and five after. */
export const classMinutes = ({ slotMinutes, doors }: Slot): number => slotMinutes - doors.before - doors.after;

export const classSeconds = (slot: Slot): number => classMinutes(slot) * 60;

/** Seconds a class may end late where nobody follows in the hall; 0 where the end is hard. */
export const runsOnSeconds = ({ doors }: { readonly doors: Doors }): number => (doors.runsOn ?? 0) * 60;

/** How long a class may last, with what it may run on, milliseconds. */
export const mayLastMs = (slot: Slot): number => (classSeconds(slot) + runsOnSeconds(slot)) * 1000;

/** When the class itself begins, HH:MM; the slot begins at `startsAt`. */
export const classBegins = ({ startsAt, doors }: { readonly startsAt: string; readonly doors: Doors }): string =>
  clockAt(startsAt, doors.before * 60_000).slice(0, 5);
