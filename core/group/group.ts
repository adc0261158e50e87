import { z } from 'zod';

/** Who is taught, where and when they usually meet. */
export const Group = z.object({
  id: z.string().regex(/^[a-z0-9-]{3,60}$/),
  name: z.string().min(1).max(120),
  place: z.string().max(120),
  /** When they meet, in the instructor's own words. */
  meets: z.string().max(120),
  about: z.string().max(400),
});
export type Group = z.infer<typeof Group>;
