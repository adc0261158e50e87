import { z } from 'zod';

export const CountUnit = z.enum(['repetitions', 'breaths', 'beats', 'seconds']);
export type CountUnit = z.infer<typeof CountUnit>;

/** How many, per side and per direction: the usual number and the range and step it may be changed by. */
export const Count = z
  .object({
    unit: CountUnit,
    least: z.number().positive().max(3600),
    usual: z.number().positive().max(3600),
    most: z.number().positive().max(3600),
    step: z.number().positive().max(600),
    /** How it ends: by the number, or when it flows, or as each finds comfortable, or when the instructor says so; then `usual` is what time is kept for. */
    ends: z.enum(['counted', 'until-it-flows', 'as-comfortable', 'open']).default('counted'),
  })
  .refine((count) => count.least <= count.usual && count.usual <= count.most, {
    message: 'least, usual and most must be in rising order',
  });
export type Count = z.infer<typeof Count>;
