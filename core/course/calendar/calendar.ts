import dayjs from 'dayjs';
import { z } from 'zod';
import { CalendarDay } from '../../words/calendarDay';
import { LineId } from '../../words/ids';

/** A time of day, local to the hall. */
export const TimeOfDay = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time looks like 19:00');

const isKnownZone = (zone: string): boolean => {
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
};

/** A time zone by its name, such as Europe/London. */
export const ZoneName = z.string().max(60).refine(isKnownZone, 'no such time zone is known');

/** When a group meets in a week: 1 is Monday, 7 Sunday; minutes from door to door. */
export const Meeting = z.object({
  weekday: z.number().int().min(1).max(7),
  startsAt: TimeOfDay,
  minutes: z.number().int().min(15).max(240),
});
export type Meeting = z.infer<typeof Meeting>;

/** Days on which the hall is closed, both included, and why. */
export const Closure = z
  .object({ from: CalendarDay, to: CalendarDay, why: z.string().max(120).default('') })
  .refine(({ from, to }) => from <= to, { path: ['to'], message: 'a closure ends on its first day or later' });
export type Closure = z.infer<typeof Closure>;

/** One class that is not as its week would have it; it keeps its identity. */
export const ClassChange = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('moved'), id: LineId, date: CalendarDay, startsAt: TimeOfDay }),
  z.object({ kind: z.literal('cancelled'), id: LineId, why: z.string().max(120).default('') }),
  z.object({
    kind: z.literal('added'),
    id: LineId,
    date: CalendarDay,
    startsAt: TimeOfDay,
    minutes: z.number().int().min(15).max(240),
  }),
]);
export type ClassChange = z.infer<typeof ClassChange>;

/** So many classes a course may have, and so many a course without an end looks ahead. */
export const MOST_IN_COURSE = 80;
export const ROLLING = 8;

/** When a course ends: after so many classes held by their week, on a day, or never. */
export const CourseEnd = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('classes'), count: z.number().int().min(1).max(MOST_IN_COURSE) }),
  z.object({ kind: z.literal('day'), last: CalendarDay }),
  z.object({ kind: z.literal('open') }),
]);
export type CourseEnd = z.infer<typeof CourseEnd>;

/** When a course meets: local days and times in the hall's own time zone, so that 19:00 stays 19:00 across a change of clocks. */
export const CourseCalendar = z
  .object({
    firstDay: CalendarDay,
    zone: ZoneName,
    meetings: z.array(Meeting).min(1, 'a course meets on a day of the week').max(7),
    ends: CourseEnd,
    closures: z.array(Closure).max(100).default([]),
    changes: z.array(ClassChange).max(200).default([]),
  })
  .superRefine(({ firstDay, ends, changes, meetings }, context) => {
    if (ends.kind === 'day' && ends.last < firstDay)
      context.addIssue({ code: 'custom', path: ['ends', 'last'], message: 'the last day is before the first' });
    if (ends.kind === 'day' && dayjs(ends.last).diff(firstDay, 'day') * meetings.length > MOST_IN_COURSE * 7)
      context.addIssue({
        code: 'custom',
        path: ['ends', 'last'],
        message: `a course has at most ${MOST_IN_COURSE} classes`,
      });
    const seen = new Set<string>();
    changes.forEach(({ id }, place) => {
      if (seen.has(id))
        context.addIssue({ code: 'custom', path: ['changes', place, 'id'], message: 'this class is changed twice' });
      seen.add(id);
    });
  });
export type CourseCalendar = z.infer<typeof CourseCalendar>;
