import { z } from 'zod';
import { Phase } from './phase';

/** Each part has so many phases at most. */
const MOST_PHASES = 40;

/** The parts of a movement. Only the cycle multiplies. */
export const Parts = z.object({
  entry: z.array(Phase).min(1).max(MOST_PHASES).optional(),
  cycle: z.array(Phase).min(1).max(MOST_PHASES),
  between: z.array(Phase).min(1).max(MOST_PHASES).optional(),
  exit: z.array(Phase).min(1).max(MOST_PHASES).optional(),
});
export type Parts = z.infer<typeof Parts>;
export const PartName = z.enum(['entry', 'cycle', 'between', 'exit']);
export type PartName = z.infer<typeof PartName>;
