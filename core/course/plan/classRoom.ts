import type { Doors } from '../../session/plan/slotTime';
import type { HeldClass } from '../calendar/courseClasses';
import type { CourseRules } from '../schema/rules';
import { interpolate } from './interpolate';

/** What a class of a course has room for. */
export interface ClassRoom {
  /** Minutes of its main part. */
  readonly main: number;
  /** How much of it may be new. */
  readonly newness: number;
  /** What practising is multiplied by. */
  readonly amount: number;
  /** Why nothing new is begun in it; null where something may be. */
  readonly nothingNew: string | null;
}

/** The first class gets to know each other, and one new thing or two small ones. */
const FIRST_CLASS_NEW = 1.5;
/** A main part is never planned for less than this many minutes. */
const LEAST_MAIN = 4;

/** Why nothing new is begun in a class, given how many before it began something in a row. */
function whyNothingNew(one: HeldClass, fromEnd: number, inRow: number, rules: CourseRules): string | null {
  if (fromEnd < rules.lastWithoutNew) return 'one of the last classes: what is there is brought together';
  if (one.daysSince !== null && one.daysSince >= rules.pauseDays)
    return `the first class after ${one.daysSince} days without`;
  const { consolidateEvery } = rules;
  return consolidateEvery > 1 && inRow === consolidateEvery - 1
    ? `after ${inRow} classes with something new, one without`
    : null;
}

/**
 * What each held class has room for.
 * @param isOpen whether the course goes on after them: then there is no last class
 */
export function classRooms(held: readonly HeldClass[], rules: CourseRules, doors: Doors, isOpen: boolean): ClassRoom[] {
  let inRow = 0;
  return held.map((one, place): ClassRoom => {
    const isFirst = place === 0;
    const isLast = !isOpen && place === held.length - 1;
    const less = (isFirst ? rules.firstLess : 0) + (isLast ? rules.lastLess : 0);
    const minutes = one.minutes - doors.before - doors.after;
    // A short class has no long beginning.
    const main = Math.max(LEAST_MAIN, minutes * rules.mainShare - less * Math.min(1, minutes / 60));
    const nothingNew = whyNothingNew(one, isOpen ? Number.POSITIVE_INFINITY : held.length - 1 - place, inRow, rules);
    inRow = nothingNew === null ? inRow + 1 : 0;
    return {
      main: Math.round(main * 2) / 2,
      newness: nothingNew === null ? Math.min(rules.newPerClass, isFirst ? FIRST_CLASS_NEW : rules.newPerClass) : 0,
      amount: interpolate(rules.amountFrom, rules.amountTo, isOpen ? 0.5 : place / Math.max(1, held.length - 1)),
      nothingNew,
    };
  });
}
