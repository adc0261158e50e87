import { z } from 'zod';

/**
 * What ends a line: its count; the clock, after so many seconds in each round and at the end of the cycle begun; or the instructor,
 * when it flows or when they have seen enough.
 */
export const LineEnds = z.discriminatedUnion('by', [
  z.object({ by: z.literal('count') }),
  z.object({ by: z.literal('clock'), seconds: z.number().min(1).max(7200) }),
  z.object({ by: z.literal('instructor') }),
]);
export type LineEnds = z.infer<typeof LineEnds>;

export const BY_COUNT: LineEnds = { by: 'count' };

/** From how many to how many, in the movement's own unit; the line's count is what is usual and lies between. */
export const LineRange = z
  .object({ least: z.number().positive().max(3600), most: z.number().positive().max(3600) })
  .refine(({ least, most }) => least <= most, { message: 'a range goes from less to more' });
export type LineRange = z.infer<typeof LineRange>;

/** A range made wider where it has to be to hold a count. */
export const rangeAround = (range: LineRange | null, count: number): LineRange | null =>
  range && { least: Math.min(range.least, count), most: Math.max(range.most, count) };
