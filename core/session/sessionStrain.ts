import { Region } from '../body/region';
import type { Side } from '../body/side';
import { CEILINGS, type Strength } from '../demand/ceilings';
import { CHANNELS, FAST_TAU, SLOW_TAU } from '../demand/channels';
import { filledBy } from '../demand/strain';
import { coursesOf } from './courses';
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

const tauOf = (region: Region, compartment: Compartment): number =>
  compartment === 'fast' ? FAST_TAU[region] : SLOW_TAU;

interface Peak {
  readonly percent: number;
  readonly piece: number;
  readonly channel: number;
  readonly compartment: Compartment;
}

/** What is left of a piece's share when no more than this is kept, it is no longer told. */
const FORGOTTEN = 1e-5;

/**
 * What each line has put into a compartment that is still there at its peak, the latest looked at first.
 * @param keeps how much of the compartment is kept over each piece
 */
function partsOf(
  pieces: readonly DemandPiece[],
  demand: Float64Array,
  keeps: Float64Array,
  last: number,
  ceiling: number,
): StrainPart[] {
  const parts = new Map<string, number>();
  let kept = 1;
  let place = last;
  while (place >= 0 && kept > FORGOTTEN) {
    const itemId = (pieces[place] as DemandPiece).itemId;
    let left = 0;
    for (; place >= 0 && (pieces[place] as DemandPiece).itemId === itemId; place -= 1) {
      const keep = keeps[place] as number;
      left += (demand[place] as number) * (1 - keep) * kept;
      kept *= keep;
    }
    parts.set(itemId, (parts.get(itemId) ?? 0) + (left * 100) / ceiling);
  }
  return [...parts]
    .map(([itemId, percent]) => ({ itemId, percent }))
    .filter(({ percent }) => percent >= 0.05)
    .toSorted((a, b) => b.percent - a.percent);
}

/** How far a compartment is filled at its fullest, and by the end of which piece. */
function highest(demand: Float64Array, keeps: Float64Array, tau: number): { filled: number; piece: number } {
  let filled = 0;
  let most = 0;
  let at = 0;
  for (let piece = 0; piece < demand.length; piece += 1) {
    filled = filledBy(filled, demand[piece] as number, tau, keeps[piece] as number);
    if (filled > most) {
      most = filled;
      at = piece;
    }
  }
  return { filled: most, piece: at };
}

const COMPARTMENTS: readonly Compartment[] = ['fast', 'slow'];

/**
 * The strain of every region in a class, worse compartment and side first named.
 * @param pieces as `sessionDemand` answers them
 * @param strength of the group
 */
export function sessionStrain(pieces: readonly DemandPiece[], strength: Strength): RegionStrain[] {
  const courses = coursesOf(pieces);
  // How much of a compartment is kept over each piece depends on the piece and tau alone.
  const kept = new Map<number, Float64Array>();
  const keptFor = (tau: number): Float64Array => {
    const known = kept.get(tau) ?? courses.seconds.map((seconds) => Math.exp(-seconds / tau));
    kept.set(tau, known);
    return known;
  };
  return Region.options.map((region): RegionStrain => {
    const ceiling = CEILINGS[region][strength];
    let peak: Peak = { percent: 0, piece: -1, channel: -1, compartment: 'fast' };
    let indexMinutes = 0;
    for (const [channel, one] of CHANNELS.entries()) {
      if (one.region !== region) continue;
      const demand = courses.demand[channel] ?? new Float64Array();
      for (const compartment of COMPARTMENTS) {
        const tau = tauOf(region, compartment);
        const found = highest(demand, keptFor(tau), tau);
        const percent = (100 * found.filled) / (tau * ceiling[compartment]);
        if (percent > peak.percent + 1e-9) peak = { percent, piece: found.piece, channel, compartment };
      }
      for (let piece = 0; piece < demand.length; piece += 1)
        indexMinutes += ((demand[piece] as number) * (courses.seconds[piece] as number)) / 60;
    }
    const { percent, piece, channel, compartment } = peak;
    const worst = pieces[piece];
    return {
      region,
      side: CHANNELS[channel]?.side ?? null,
      compartment,
      percent,
      atMs: worst ? worst.startMs + worst.seconds * 1000 : 0,
      parts: worst
        ? partsOf(
            pieces,
            courses.demand[channel] as Float64Array,
            keptFor(tauOf(region, compartment)),
            piece,
            ceiling[compartment],
          )
        : [],
      indexMinutes,
    };
  });
}
