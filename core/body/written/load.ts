import { z } from 'zod';

/**
 * How body weight is shared, in whole percent that sum to 100, so that mirroring is an exact swap.
 * `seat` is what a chair carries.
 */
export const Load = z
  .object({
    left: z.number().int().min(0).max(100),
    right: z.number().int().min(0).max(100),
    seat: z.number().int().min(0).max(100).default(0),
  })
  .refine((load) => load.left + load.right + load.seat === 100, {
    message: 'left, right and seat must add up to 100 percent',
  });
export type Load = z.infer<typeof Load>;

/** Whether a chair carries part of the weight. */
export const isSeated = ({ seat }: Pick<Load, 'seat'>): boolean => seat > 0;
