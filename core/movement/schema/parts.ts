import { z } from 'zod';
import { Phase } from './phase';

/** The parts of a movement. Only the cycle multiplies. */
export const Parts = z.object({
  entry: z.array(Phase).min(1).optional(),
  cycle: z.array(Phase).min(1).max(40),
  between: z.array(Phase).min(1).optional(),
  exit: z.array(Phase).min(1).optional(),
});
export type Parts = z.infer<typeof Parts>;
export const PartName = z.enum(['entry', 'cycle', 'between', 'exit']);
export type PartName = z.infer<typeof PartName>;
