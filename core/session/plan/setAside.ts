import { z } from 'zod';
import { Severity } from '../../words/severity';

const Reason = z.string().trim().min(1, 'say why').max(200);

/** A finding set aside in one class, as it was then. */
export const SetAside = z.object({
  key: z.string().min(1).max(200),
  severity: Severity,
  amount: z.number(),
  reason: Reason,
});
export type SetAside = z.infer<typeof SetAside>;

/** A kind of finding set aside for good: of one movement by its base id, or of whole classes where that is empty. */
export const AsideRule = z.object({ code: z.string().min(1).max(60), movement: z.string().max(80), reason: Reason });
export type AsideRule = z.infer<typeof AsideRule>;
