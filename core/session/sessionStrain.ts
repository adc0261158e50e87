import { Region } from '../body/region';
import type { Side } from '../body/side';
import { CEILINGS, type Ceiling, type Strength } from '../demand/ceilings';
import { CHANNELS, FAST_TAU, SLOW_TAU } from '../demand/channels';
import { fill } from '../demand/strain';
import type { DemandPiece } from './sessionDemand';

export type Compartment = 'fast' | 'slow';

/** What one line of a class has added to a peak, in percent of the ceiling. */
export interface StrainPart {
  readonly itemId: string;
  readonly percent: number;
}

/** The worst moment of a region in a class. */
export interface RegionStrain {
  readonly region: Region;
  readonly side: Side | null;
  readonly compartment: Compartment;
  /** Of the group's ceiling. */
  readonly percent: number;
  /** When, milliseconds from the start. */
  readonly atMs: number;
  /** The lines it comes from, largest first; they sum to `percent`. */
  readonly parts: readonly StrainPart[];
  /** Demand over the whole class, index times minutes: the sum over both sides. */
  readonly indexMinutes: number;
}

/** The course of strain over a class: one value in percent of the ceiling at the end of every piece. */
export interface StrainCourse {
  readonly endsMs: readonly number[];
  readonly percent: readonly number[];
}

const tauOf = (region: Region, compartment: Compartment): number =>
  compartment === 'fast' ? FAST_TAU[region] : SLOW_TAU;

interface Peak {
  readonly percent: number;
  readonly piece: number;
  readonly channel: number;
  readonly compartment: Compartment;
}

/** The course of one channel's compartment, in percent of its ceiling. */
export function strainCourse(
  pieces: readonly DemandPiece[],
  channel: number,
  compartment: Compartment,
  ceiling: Ceiling,
): StrainCourse {
  const { region } = CHANNELS[channel] ?? { region: 'thighs' as const };
  const tau = tauOf(region, compartment);
  const whole = tau * ceiling[compartment];
  let filled = 0;
  const percent = pieces.map(({ demand, seconds }) => {
    filled = fill(filled, demand.channels[channel] ?? 0, seconds, tau);
    return (100 * filled) / whole;
  });
  return { endsMs: pieces.map(({ startMs, seconds }) => startMs + seconds * 1000), percent };
}

/** What each line has put into a compartment that is still there at the end of a piece. */
function partsOf(
  pieces: readonly DemandPiece[],
  { piece: last, channel, compartment }: Peak,
  ceiling: Ceiling,
): StrainPart[] {
  const tau = tauOf(CHANNELS[channel]?.region ?? 'thighs', compartment);
  const end = pieces[last];
  if (!end) return [];
  const at = end.startMs / 1000 + end.seconds;
  const parts = new Map<string, number>();
  for (const { demand, seconds, startMs, itemId } of pieces.slice(0, last + 1)) {
    const left =
      fill(0, demand.channels[channel] ?? 0, seconds, tau) * Math.exp(-(at - startMs / 1000 - seconds) / tau);
    parts.set(itemId, (parts.get(itemId) ?? 0) + (100 * left) / (tau * ceiling[compartment]));
  }
  return [...parts]
    .map(([itemId, percent]) => ({ itemId, percent }))
    .filter(({ percent }) => percent >= 0.05)
    .toSorted((a, b) => b.percent - a.percent);
}

/**
 * The strain of every region in a class, worse compartment and side first named.
 * @param pieces as `sessionDemand` answers them
 * @param strength of the group
 */
export function sessionStrain(pieces: readonly DemandPiece[], strength: Strength): RegionStrain[] {
  return Region.options.map((region) => {
    const ceiling = CEILINGS[region][strength];
    let peak: Peak = { percent: 0, piece: 0, channel: 0, compartment: 'fast' };
    let indexMinutes = 0;
    CHANNELS.forEach((one, channel) => {
      if (one.region !== region) return;
      if (peak.percent === 0) peak = { ...peak, channel };
      for (const { demand, seconds } of pieces) indexMinutes += ((demand.channels[channel] ?? 0) * seconds) / 60;
      for (const compartment of ['fast', 'slow'] as const) {
        const { percent } = strainCourse(pieces, channel, compartment, ceiling);
        percent.forEach((value, piece) => {
          if (value > peak.percent + 1e-9) peak = { percent: value, piece, channel, compartment };
        });
      }
    });
    const worst = pieces[peak.piece];
    return {
      region,
      side: CHANNELS[peak.channel]?.side ?? null,
      compartment: peak.compartment,
      percent: peak.percent,
      atMs: worst ? worst.startMs + worst.seconds * 1000 : 0,
      parts: partsOf(pieces, peak, ceiling),
      indexMinutes,
    };
  });
}
