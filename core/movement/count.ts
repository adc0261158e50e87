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
  })
  .refine((count) => count.least <= count.usual && count.usual <= count.most, {
    message: 'least, usual and most must be in rising order',
  });
export type Count = z.infer<typeof Count>;
