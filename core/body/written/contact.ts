import { z } from 'zod';

/** How a foot meets the floor. */
export const Contact = z.enum(['sole', 'heel', 'ball', 'edge', 'off']);
export type Contact = z.infer<typeof Contact>;
