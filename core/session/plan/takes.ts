import { z } from 'zod';

/** What of a line may be reckoned by how long it really takes with somebody: naming, showing, changes of side, talk. */
export const RECKONED = ['naming', 'showing', 'change', 'talk'] as const;
export type Reckoned = (typeof RECKONED)[number];

/** No measure is further from what is usual than three times. */
const times = z.number().min(0.3).max(3).optional();

/** How many times as long as is usual each of them takes: { talk: 1.4 }. What is left out takes as long as usual. */
export const Takes = z.strictObject({ naming: times, showing: times, change: times, talk: times });
export type Takes = z.infer<typeof Takes>;

/** How many times as long a part takes as is usual. */
export const timesOf = (takes: Takes | undefined, part: string): number =>
  takes !== undefined && RECKONED.some((one) => one === part) ? (takes[part as Reckoned] ?? 1) : 1;
