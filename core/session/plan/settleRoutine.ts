import { z } from 'zod';
import { MovementId } from '../../words/ids';

/** One movement of a routine: often, gathering to the belly, or walking about. */
export const SettleLine = z.object({
  movementId: MovementId,
  /** Per side and per direction, in the movement's own unit. */
  count: z.number().positive().max(3600),
});
export type SettleLine = z.infer<typeof SettleLine>;

/**
 * The short routine a section settles with, made of movements itself: after every line and every block, as newer groups do, or
 * once after the last, as seasoned ones do.
 */
export const SettleRoutine = z.object({
  /** What the instructor calls it; '' is called by its movements. */
  name: z.string().trim().max(60).default(''),
  when: z.enum(['after-each', 'at-end']),
  lines: z.array(SettleLine).min(1).max(8),
});
export type SettleRoutine = z.infer<typeof SettleRoutine>;
