import { sumBy } from 'remeda';
import type { FindMovement, Movement } from '../../movement/schema/movement';
import type { MovementItem, Plan } from '../plan/session';
import { lineTimes, segmentsOf } from '../timeline/lineTimes';
import type { Segment, Timeline } from '../timeline/segment';

/** When a class will really end. */
export interface Forecast {
  /** The middle of what is likely, what eight classes in ten stay under, and what nine do; milliseconds from the start. */
  readonly likelyMs: number;
  readonly safeMs: number;
  readonly lateMs: number;
}

/** How much each kind of part varies, as a share of its time (standard deviation). Conventions. */
export const SPREAD = { breath: 0.03, talk: 0.35, rest: 0.25, change: 0.2 } as const;
/** Everything runs slow or quick together by so much. */
export const CLASS_SPREAD = 0.08;
/** Percentiles of a standard normal. */
const EIGHT_IN_TEN = 0.8416212335729143;
const NINE_IN_TEN = 1.2815515655446004;
/** A range from least to most is taken to hold nearly all cases: so many standard deviations. */
const RANGE = 4;
/** What ends by itself and has no range of its own varies by no more than this share. */
const OPEN_MOST = 0.3;

export type ForecastPart = { readonly seconds: number; readonly deviation: number };

const spreadOf = ({ kind }: Segment): number => {
  switch (kind) {
    case 'naming':
    case 'showing':
    case 'last-word':
    case 'talk':
      return SPREAD.talk;
    case 'rest':
    case 'round-rest':
    case 'settle':
      return SPREAD.rest;
    case 'bridge':
    case 'side-change':
    case 'direction-change':
      return SPREAD.change;
    case 'clock':
      // It keeps the clock: it ends when it is said to.
      return 0;
    case 'entry':
    case 'move':
    case 'exit':
      return SPREAD.breath;
  }
};

/**
 * How much a line's moving varies because its count is open, as a share of it: by its own range; without one, where it ends when it
 * flows or when the instructor says so, by its movement's, but not by more than three in ten. Pinned, or ended by the clock, it is certain.
 */
function openSpread({ pinned, ends, range, count }: MovementItem, movement: Movement): number {
  if (pinned || ends.by === 'clock') return 0;
  if (range) return (range.most - range.least) / count / RANGE;
  if (ends.by === 'count' && movement.count.ends === 'counted') return 0;
  return Math.min(OPEN_MOST, (movement.count.most - movement.count.least) / count / RANGE);
}

/** The parts of a class that vary by themselves: what is done in one line and kind varies together, lines apart. */
export function forecastParts(
  { sections }: Pick<Plan, 'sections'>,
  timeline: Timeline,
  find: FindMovement,
): ForecastPart[] {
  const spreads = new Map(
    sections.flatMap(({ items }) =>
      items.flatMap((item): [string, number][] => {
        const movement = item.kind === 'movement' ? find(item.movementId) : undefined;
        return movement && item.kind === 'movement' ? [[item.id, openSpread(item, movement)]] : [];
      }),
    ),
  );
  return [...lineTimes(timeline).values()].flatMap((line) => {
    const kinds = new Map<number, number>();
    let moving = 0;
    for (const segment of segmentsOf(timeline, line)) {
      const spread = spreadOf(segment);
      kinds.set(spread, (kinds.get(spread) ?? 0) + segment.lengthMs / 1000);
      if (segment.kind === 'move') moving += segment.lengthMs / 1000;
    }
    const open = (spreads.get(line.itemId) ?? 0) * moving;
    return [...kinds].map(([spread, seconds]) => {
      const own = spread * seconds;
      return { seconds, deviation: spread === SPREAD.breath ? Math.hypot(own, open) : own };
    });
  });
}

/**
 * When a class is likely to end, and when late: the sum of its parts times one factor for the whole class, as a lognormal of
 * the same mean and spread. A class of one part of 1000 s with no spread of its own ends late at 1000 s times e^(1.28 x 0.08).
 */
export function forecastOf(parts: readonly ForecastPart[]): Forecast {
  const mean = sumBy(parts, ({ seconds }) => seconds);
  if (mean === 0) return { likelyMs: 0, safeMs: 0, lateMs: 0 };
  const variance = sumBy(parts, ({ deviation }) => deviation ** 2);
  // The factor has mean 1; the variances of a product of independent factors combine so.
  const own = variance / mean ** 2;
  const together = (1 + own) * Math.exp(CLASS_SPREAD ** 2) - 1;
  const sigma = Math.sqrt(Math.log(1 + together));
  const middle = mean * Math.exp(-(sigma ** 2) / 2);
  const within = (percentile: number) => Math.round(middle * Math.exp(percentile * sigma) * 1000);
  return { likelyMs: within(0), safeMs: within(EIGHT_IN_TEN), lateMs: within(NINE_IN_TEN) };
}

/** When a class is likely to end, and by when it has ended eight and nine times in ten. */
export const forecastFor = (plan: Pick<Plan, 'sections'>, timeline: Timeline, find: FindMovement): Forecast =>
  forecastOf(forecastParts(plan, timeline, find));
