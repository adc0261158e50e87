import { z } from 'zod';

/** Days are counted on from any of these, by years: a day has four figures for its year then too. */
const [FIRST, LAST] = ['1900-01-01', '2999-12-31'];

/** A day as calendars on the wall have it, without a time zone: YYYY-MM-DD. */
export const CalendarDay = z.iso
  .date()
  .refine((day) => day >= FIRST && day <= LAST, { message: `a day is between ${FIRST} and ${LAST}` });
