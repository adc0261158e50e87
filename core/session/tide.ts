import { Region } from '../body/region';
import type { Side } from '../body/side';
import { CEILINGS } from '../demand/ceilings';
import { CHANNELS, FAST_TAU, SLOW_TAU } from '../demand/channels';
import { Compartments } from '../demand/compartments';
import type { Judged } from './findings/finding';
import { paceAt } from './pace';

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

type Asked = Pick<Judged, 'plan' | 'timeline' | 'pieces' | 'otherWays' | 'strength'>;

/** How much each channel is strained at the end of each piece, percent of the group's ceiling, the worse compartment. */
function percentOf(pieces: Asked['pieces'], strength: Asked['strength']): Float64Array[] {
  const rows = CHANNELS.map(() => new Float64Array(pieces.length));
  const full = CHANNELS.map(({ region }) => {
    const { fast, slow } = CEILINGS[region][strength];
    return { fast: FAST_TAU[region] * fast, slow: SLOW_TAU * slow };
  });
  const compartments = new Compartments();
  for (const [piece, { demand, seconds }] of pieces.entries()) {
    compartments.fill(demand.channels, seconds);
    for (const [channel, row] of rows.entries()) {
      const { fast, slow } = full[channel] as (typeof full)[number];
      const [fastFilled, slowFilled] = [
        compartments.fast.filled[channel] as number,
        compartments.slow.filled[channel] as number,
      ];
      row[piece] = 100 * Math.max(fastFilled / fast, slowFilled / slow);
    }
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
export function tideOf({ plan, timeline, pieces, otherWays, strength }: Asked): Tide {
  const whole = timeline.totalMs / 1000;
  const step = whole / LOOKS;
  const seconds = Array.from({ length: whole > 0 ? LOOKS + 1 : 0 }, (_, look) => look * step);
  // The last piece that has begun at each look; strain is told at the end of a piece.
  const places: number[] = [];
  for (let place = 0, look = 0; look < seconds.length; look += 1) {
    const at = (seconds[look] as number) * 1000;
    while (place + 1 < pieces.length && (pieces[place + 1]?.startMs ?? 0) <= at) place += 1;
    places.push(place);
  }
  const course = (percent: Float64Array): number[] => {
    // Between two looks the highest counts, so that a short peak is not missed.
    return places.map((place, look) => {
      let most = 0;
      for (let at = (places[look - 1] ?? -1) + 1; at <= place; at += 1) most = Math.max(most, percent[at] as number);
      return places[look - 1] === place ? (percent[place] as number) : most;
    });
  };
  // All ways keep one time, so that their pieces begin alike.
  const ways = [pieces, ...otherWays].map((way) => percentOf(way, strength));
  return {
    seconds,
    courses: CHANNELS.map(({ region, side }, channel) => {
      const [percent = [], ...others] = ways.map((way) => course(way[channel] as Float64Array));
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
