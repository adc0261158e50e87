import { z } from 'zod';

/**
 * A daily number of one easy movement, spread over the day: how many on each day, and what was added last, so that it can be taken
 * back. Days without any are days without any.
 */
export const Tally = z.object({
  days: z.record(z.iso.date(), z.number().int().min(0)),
  added: z.array(z.object({ day: z.iso.date(), many: z.number().int().min(1) })).max(50),
});
export type Tally = z.infer<typeof Tally>;

/** How many one press may count: one, nine, or thirty-six. */
export const TALLY_STEPS = [1, 9, 36] as const;

export const EMPTY_TALLY: Tally = { days: {}, added: [] };

/** So many presses can be taken back. */
const REMEMBERED = 50;

export const addTally = ({ days, added }: Tally, day: string, many: number): Tally => ({
  days: { ...days, [day]: (days[day] ?? 0) + many },
  added: [...added, { day, many }].slice(-REMEMBERED),
});

/** The last press taken back; the same tally where there is none to be. */
export function undoTally(tally: Tally): Tally {
  const last = tally.added.at(-1);
  if (!last) return tally;
  const left = Math.max(0, (tally.days[last.day] ?? 0) - last.many);
  const { [last.day]: _, ...others } = tally.days;
  return { days: left > 0 ? { ...others, [last.day]: left } : others, added: tally.added.slice(0, -1) };
}

/** The days with any, the latest first. */
export const tallyDays = ({ days }: Tally): { readonly day: string; readonly many: number }[] =>
  Object.entries(days)
    .map(([day, many]) => ({ day, many }))
    .toSorted((a, b) => b.day.localeCompare(a.day));
