import { Region } from '../body/region';
import type { Side } from '../body/side';
import { CEILINGS, type Ceiling, type Strength } from '../demand/ceilings';
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

/** What each line has put into a compartment that is still there at its peak, the latest looked at first. */
function partsOf(
  pieces: readonly DemandPiece[],
  { piece: last, channel, compartment }: Peak,
  ceiling: Ceiling,
): StrainPart[] {
  const tau = tauOf(CHANNELS[channel]?.region ?? 'thighs', compartment);
  const parts = new Map<string, number>();
  let kept = 1;
  for (let place = last; place >= 0 && kept > FORGOTTEN; place -= 1) {
    const piece = pieces[place];
    if (!piece) break;
    const keeps = Math.exp(-piece.seconds / tau);
    const left = ((piece.demand.channels[channel] ?? 0) * (1 - keeps) * kept * 100) / ceiling[compartment];
    parts.set(piece.itemId, (parts.get(piece.itemId) ?? 0) + left);
    kept *= keeps;
  }
  return [...parts]
    .map(([itemId, percent]) => ({ itemId, percent }))
    .filter(({ percent }) => percent >= 0.05)
    .toSorted((a, b) => b.percent - a.percent);
}

function said(
  region: Region,
  peak: Peak | null,
  pieces: readonly DemandPiece[],
  ceiling: Ceiling,
  indexMinutes: number,
): RegionStrain {
  const worst = peak && pieces[peak.piece];
  return {
    region,
    side: (peak && CHANNELS[peak.channel]?.side) ?? null,
    compartment: peak?.compartment ?? 'fast',
    percent: peak?.percent ?? 0,
    atMs: worst ? worst.startMs + worst.seconds * 1000 : 0,
    parts: peak ? partsOf(pieces, peak, ceiling) : [],
    indexMinutes,
  };
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
  return Region.options.map((region) => {
    const ceiling = CEILINGS[region][strength];
    let peak: Peak | null = null;
    let indexMinutes = 0;
    for (const [channel, one] of CHANNELS.entries()) {
      if (one.region !== region) continue;
      const demand = courses.demand[channel] ?? new Float64Array();
      for (const compartment of COMPARTMENTS) {
        const tau = tauOf(region, compartment);
        const keeps = keptFor(tau);
        let filled = 0;
        let most = -1;
        let at = 0;
        for (let piece = 0; piece < demand.length; piece += 1) {
          filled = filledBy(filled, demand[piece] as number, tau, keeps[piece] as number);
          if (filled > most) {
            most = filled;
            at = piece;
          }
        }
        const percent = Math.max(0, (100 * most) / (tau * ceiling[compartment]));
        if (peak === null || percent > peak.percent + 1e-9) peak = { percent, piece: at, channel, compartment };
      }
      for (let piece = 0; piece < demand.length; piece += 1)
        indexMinutes += ((demand[piece] as number) * (courses.seconds[piece] as number)) / 60;
    }
    return said(region, peak, pieces, ceiling, indexMinutes);
  });
}
