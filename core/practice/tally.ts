import { z } from 'zod';
import { CalendarDay } from '../words/calendarDay';

/**
 * A daily number of one easy movement, spread over the day, or a daily time in seconds: how much on each day, and what was added last, so
 * that it can be taken back. Days without any are days without any.
 */
export const Tally = z.object({
  days: z.record(CalendarDay, z.number().int().min(0)),
  added: z.array(z.object({ day: CalendarDay, many: z.number().int().min(1) })).max(50),
  /** When a time that is running was begun, milliseconds since 1970; null while none is. */
  since: z.number().int().nullable().default(null),
});
export type Tally = z.infer<typeof Tally>;

/** How many one press may count: one, nine, or thirty-six. */
export const TALLY_STEPS = [1, 9, 36] as const;

export const EMPTY_TALLY: Tally = { days: {}, added: [], since: null };

/** What a day is meant to bring: so many, or minutes that grow by one after every day that brought them, up to a most. */
export const TallyAim = z.discriminatedUnion('by', [
  z.object({ by: z.literal('times'), daily: z.number().int().min(1).max(5000) }),
  z
    .object({
      by: z.literal('minutes'),
      from: z.number().int().min(1).max(60),
      to: z.number().int().min(1).max(60),
    })
    .refine(({ from, to }) => from <= to, { message: 'minutes grow from less to more', path: ['to'] }),
]);
export type TallyAim = z.infer<typeof TallyAim>;

/** What is meant for one day: how many, or how many seconds. What grew does not shrink when days are left out. */
export function aimOn(aim: TallyAim, { days }: Tally, day: string): number {
  if (aim.by === 'times') return aim.daily;
  const before = Object.entries(days)
    .filter(([one]) => one < day)
    .toSorted(([a], [b]) => a.localeCompare(b));
  const minutes = before.reduce(
    (now, [, seconds]) => (seconds >= now * 60 ? Math.min(aim.to, now + 1) : now),
    aim.from,
  );
  return minutes * 60;
}

/** A time forgotten for longer than this was not practised all along, seconds. Convention. */
const LONGEST = 7200;

/** A time begins to run; one that runs already goes on. */
export const beginTally = (tally: Tally, at: number): Tally => ({ ...tally, since: tally.since ?? at });

/** The time that runs is over, and counted for a day; nothing where none runs. */
export function stopTally(tally: Tally, day: string, at: number): Tally {
  if (tally.since === null) return tally;
  const seconds = Math.min(LONGEST, Math.max(0, Math.floor((at - tally.since) / 1000)));
  const stopped = { ...tally, since: null };
  return seconds === 0 ? stopped : addTally(stopped, day, seconds);
}

/** So many presses can be taken back. */
const REMEMBERED = 50;

export const addTally = ({ days, added, since }: Tally, day: string, many: number): Tally => ({
  since,
  days: { ...days, [day]: (days[day] ?? 0) + many },
  added: [...added, { day, many }].slice(-REMEMBERED),
});

/** The last press taken back; the same tally where there is none to be. */
export function undoTally(tally: Tally): Tally {
  const last = tally.added.at(-1);
  if (!last) return tally;
  const left = Math.max(0, (tally.days[last.day] ?? 0) - last.many);
  const { [last.day]: _, ...others } = tally.days;
  return { ...tally, days: left > 0 ? { ...others, [last.day]: left } : others, added: tally.added.slice(0, -1) };
}

/** The days with any, the latest first. */
export const tallyDays = ({ days }: Tally): { readonly day: string; readonly many: number }[] =>
  Object.entries(days)
    .map(([day, many]) => ({ day, many }))
    .toSorted((a, b) => b.day.localeCompare(a.day));
