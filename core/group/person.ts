import dayjs from 'dayjs';
import { z } from 'zod';
import { Needs } from '../needs/need';
import { CalendarDay } from '../words/calendarDay';
import { Slug } from '../words/ids';

/**
 * Somebody who comes. What they are called in the hall is all that is asked: no birth date, address, picture, diagnosis or contact
 * is kept here; those belong on paper, with whoever provides the class.
 */
export const Person = z.object({
  id: Slug,
  groupId: Slug,
  called: z.string().trim().min(1, 'what are they called in the hall?').max(60),
  /** The local day since which they come. */
  since: CalendarDay,
  /** The local day from which they come no more; null while they come. */
  until: CalendarDay.nullable().default(null),
  /** What must be done for them. */
  needs: Needs.default([]),
  /** When their paper form was last seen; what stands on it stays there. */
  formSeen: CalendarDay.nullable().default(null),
});
export type Person = z.infer<typeof Person>;

/** Who was in a class that was taught, by the record of it. */
export const Came = z.object({
  logId: z.string().max(60),
  sessionId: z.string().max(60),
  people: z.array(Slug).max(500),
});
export type Came = z.infer<typeof Came>;

/** Whether somebody belongs to the group on a day. */
export const comesOn = ({ since, until }: Person, day: string): boolean =>
  since <= day && (until === null || day < until);

/** Somebody is a beginner for so many days. Convention: four weeks. */
const BEGINS_FOR = 28;

/** How many of those who belong to the group on a day have come for less than four weeks. */
export const beginnersOn = (people: readonly Person[], day: string): number =>
  people.filter((person) => comesOn(person, day) && dayjs(day).diff(dayjs(person.since), 'day') < BEGINS_FOR).length;
