import { type Schools, USUAL_SCHOOLS } from '../movement/adapt/schools';
import type { FindMovement, Movement } from '../movement/schema/movement';
import { emptySections } from '../session/plan/defaults';
import type { Session } from '../session/plan/session';
import { NO_DOORS } from '../session/plan/slotTime';
import { PACE, type Slip } from './proposeSlip';

/** A slip as a class of one, to be gone through by itself. */
export interface SlipSession {
  readonly session: Session;
  /** Its movements: those that are done another way without a variant of their own are what they are done as. */
  readonly find: FindMovement;
}

/**
 * Makes a slip into something that can be led: its movements one after another, at the pace it was reckoned with.
 * @param id of the class it becomes
 * @param written what a movement is as it is written, by its id
 */
export function slipSession(
  { lines, seconds }: Slip,
  id: string,
  title: string,
  written: FindMovement,
  schools: Schools = USUAL_SCHOOLS,
): SlipSession {
  const movements = new Map(
    lines.map(({ item, done }): [string, Movement] => [
      item.movementId,
      (item.variant === null ? null : written(item.movementId)) ?? done,
    ]),
  );
  const pace = { from: PACE, to: PACE, easing: 0 };
  return {
    find: (movementId) => movements.get(movementId),
    session: {
      id,
      title,
      groupId: null,
      date: null,
      startsAt: '08:00',
      slotMinutes: Math.max(10, Math.ceil(seconds / 60) + 5),
      doors: NO_DOORS,
      breath: { in: 1, out: 1 },
      schools,
      sections: emptySections().map((section) =>
        section.kind === 'main' ? { ...section, pace, items: lines.map(({ item }) => item) } : section,
      ),
      setAside: [],
      course: null,
      family: null,
    },
  };
}
