import { z } from 'zod';

/** How grave something is that was noticed: stop and change it, mind it, only to know. */
export const Severity = z.enum(['stop', 'warn', 'notice']);
export type Severity = z.infer<typeof Severity>;
