import { z } from 'zod';
import { WeaveInstance, WeavePlan } from '../course/weave/instance';

/** What is to be woven, and for how long at most. */
export const WeaveRequest = z.object({ instance: WeaveInstance, seconds: z.number().min(0.1).max(120).default(5) });
export const WeaveReply = z.object({
  /** For each thread the classes it is practised in, and with how many layers after each. */
  plan: WeavePlan,
  cost: z.number(),
  /** No legal plan costs less. */
  bound: z.number(),
});
