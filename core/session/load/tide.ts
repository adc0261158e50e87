import { Region } from '../../body/written/region';
import type { Side } from '../../body/written/side';
import { CHANNELS, FAST_TAU, SLOW_TAU } from '../../demand/channels';
import { Compartments } from '../../demand/compartments';
import { floatAt, numberAt } from '../../numbers/numberAt';
import { paceAt } from '../../timing/pace';
import type { Limits } from '../limits/limitsFor';
import type { Plan } from '../plan/session';
import type { Timeline } from '../timeline/segment';
import type { DemandPiece } from './sessionDemand';

/** One region over a class, percent of the group's ceiling, the worse compartment at each look. */
export interface TideCourse {
  readonly region: Region;
  /** Null where a region has no sides. */
  readonly side: Side | null;
  readonly percent: readonly number[];
  readonly peak: number;
  /** From those who have it easiest to those who have it hardest; null where one way is offered to all. */
  readonly band: { readonly least: readonly number[]; readonly most: readonly number[] } | null;
}

/** A class over time, looked at in equal steps, for drawing. */
export interface Tide {
  /** Seconds from the start of each look. */
  readonly seconds: readonly number[];
  readonly courses: readonly TideCourse[];
  /** Breaths a minute of the section, and degrees of knee bend, at each look. */
  readonly pace: readonly number[];
  readonly sink: readonly number[];
}

/** How many looks are taken: more than a screen has room for says nothing more. */
const LOOKS = 240;

/** What a tide is drawn from: a class laid out in time, what it asks of the body, and how much may be asked. */
export interface TideInput {
  readonly plan: Plan;
  readonly timeline: Timeline;
  readonly pieces: readonly DemandPiece[];
  /** The same for those who take what is offered beside it, one list for each way. */
  readonly otherWays: readonly (readonly DemandPiece[])[];
  readonly limits: Pick<Limits, 'ceilings'>;
}

/**
 * How much each channel is strained at each look, percent of the group's ceiling, the worse compartment: the highest since the
 * look before, so that a short peak is not missed.
 * @param places the last piece that has begun at each look
 */
function percentsAt(
  places: readonly number[],
  pieces: TideInput['pieces'],
  { ceilings }: TideInput['limits'],
): number[][] {
  const rows = CHANNELS.map((): number[] => []);
  const fastFull = CHANNELS.map(({ region }) => (FAST_TAU[region] * ceilings[region].fast) / 100);
  const slowFull = CHANNELS.map(({ region }) => (SLOW_TAU * ceilings[region].slow) / 100);
  const compartments = new Compartments();
  const { filled: fast } = compartments.fast;
  const { filled: slow } = compartments.slow;
  const now = new Float64Array(CHANNELS.length);
  const most = new Float64Array(CHANNELS.length);
  for (let place = 0, look = 0; look < places.length; place += 1) {
    const { demand, seconds } = pieces[place] as TideInput['pieces'][number];
    compartments.fill(demand.channels, seconds);
    for (let channel = 0; channel < now.length; channel += 1) {
      now[channel] = Math.max(
        floatAt(fast, channel) / numberAt(fastFull, channel),
        floatAt(slow, channel) / numberAt(slowFull, channel),
      );
      most[channel] = Math.max(floatAt(most, channel), floatAt(now, channel));
    }
    for (; places[look] === place; look += 1)
      for (let channel = 0; channel < now.length; channel += 1) {
        rows[channel]?.push(floatAt(most, channel));
        most[channel] = floatAt(now, channel);
      }
    // The next look begins anew.
    if (places[look - 1] === place) most.fill(0);
  }
  return rows;
}

function bandOf(ways: readonly (readonly number[])[]): TideCourse['band'] {
  const at = (look: number) => ways.map((way) => way[look] ?? 0);
  const looks = ways[0] ?? [];
  const least = looks.map((_, look) => Math.min(...at(look)));
  const most = looks.map((_, look) => Math.max(...at(look)));
  return most.some((percent, look) => percent > (least[look] ?? 0) + 0.5) ? { least, most } : null;
}

/** How strain, pace and stance height go over a class. Empty for one that takes no time. */
export function tideOf({ plan, timeline, pieces, otherWays, limits }: TideInput): Tide {
  const whole = timeline.totalMs / 1000;
  const step = whole / LOOKS;
  const seconds = Array.from({ length: whole > 0 ? LOOKS + 1 : 0 }, (_, look) => look * step);
  // The last piece that has begun at each look; strain is told at the end of a piece.
  const places: number[] = [];
  for (let place = 0, look = 0; look < seconds.length; look += 1) {
    const at = numberAt(seconds, look) * 1000;
    while (place + 1 < pieces.length && (pieces[place + 1]?.startMs ?? 0) <= at) place += 1;
    places.push(place);
  }
  // All ways keep one time, so that their pieces begin alike.
  const ways = [pieces, ...otherWays].map((way) => percentsAt(places, way, limits));
  return {
    seconds,
    courses: CHANNELS.map(({ region, side }, channel) => {
      const [percent = [], ...others] = ways.map((way) => way[channel] ?? []);
      return { region, side, percent, peak: Math.max(0, ...percent), band: bandOf([percent, ...others]) };
    }),
    pace: seconds.map((at) => {
      const index = timeline.sections.findLastIndex(({ startMs, lengthMs }) => lengthMs > 0 && startMs <= at * 1000);
      const section = plan.sections[index];
      return section ? paceAt(section.pace, at - (timeline.sections[index]?.startMs ?? 0) / 1000) : 0;
    }),
    sink: places.map((place) => pieces[place]?.demand.sink ?? 0),
  };
}

/** The worse side of each region, the most strained first. */
export function worstCourses({ courses }: Tide): TideCourse[] {
  return Region.options
    .map((region) =>
      courses.filter((one) => one.region === region).reduce((worst, one) => (one.peak > worst.peak ? one : worst)),
    )
    .toSorted((a, b) => b.peak - a.peak);
}
