import type { Doors } from '../../session/plan/slotTime';
import type { HeldClass } from '../calendar/courseClasses';
import type { Course } from '../schema/course';
import type { CourseRules } from '../schema/rules';
import type { CourseThread } from '../schema/thread';
import { topicKind } from '../schema/topicKinds';
import { interpolate } from './interpolate';
import { amountIn, isStanding } from './standing';

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

/** Of its last class a course takes at most so much to run every must. */
const MOST_OF_LAST = 0.65;

/** The last class runs every must: where its main part is too short for that, it is longer. */
export function withMustsLast(
  { threads, calendar }: Course,
  held: readonly HeldClass[],
  rooms: readonly ClassRoom[],
): readonly ClassRoom[] {
  const [last, at] = [rooms.at(-1), rooms.length - 1];
  if (calendar.ends.kind === 'open' || !last) return rooms;
  const taught = threads.filter(
    (thread) => isStanding(thread) || (thread.wish === 'must' && !topicKind(thread).isOnlySaid),
  );
  const isCovered = ({ id }: CourseThread) => taught.some(({ covers }) => id in covers);
  const minutes = taught.reduce((sum, thread) => {
    if (isStanding(thread)) return sum + amountIn(thread, at, rooms.length);
    return sum + (isCovered(thread) ? 0 : (thread.practise.at(-1) ?? 0) * last.amount);
  }, 0);
  const most = (held[at]?.minutes ?? 0) * MOST_OF_LAST;
  const main = Math.max(last.main, Math.ceil(2 * Math.min(most, minutes)) / 2);
  return [...rooms.slice(0, -1), { ...last, main }];
}
