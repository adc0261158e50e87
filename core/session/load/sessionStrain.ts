import { Region } from '../../body/written/region';
import type { Side } from '../../body/written/side';
import type { Ceiling } from '../../demand/ceilings';
import { CHANNELS, FAST_TAU, SLOW_TAU } from '../../demand/channels';
import { Compartments } from '../../demand/compartments';
import { floatAt, intAt, numberAt } from '../../numbers/numberAt';
import type { Limits } from '../limits/limitsFor';
import { indexMinutes } from './indexMinutes';
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

/** What a compartment is filled with, in demand-seconds, as percent of the ceiling. */
const percentOf = (filled: number, region: Region, compartment: Compartment, ceiling: Ceiling): number =>
  (100 * filled) / (tauOf(region, compartment) * ceiling[compartment]);

/** What is left of a piece's share when no more than this is kept, it is no longer told. */
const FORGOTTEN = 1e-5;

/** What each line has put into a compartment that is still there at its peak, the latest looked at first. */
function partsOf(
  pieces: readonly DemandPiece[],
  channel: number,
  last: number,
  tau: number,
  ceiling: number,
): StrainPart[] {
  const parts = new Map<string, number>();
  let kept = 1;
  for (let place = last; place >= 0 && kept > FORGOTTEN; place -= 1) {
    const { itemId, demand, seconds } = pieces[place] as DemandPiece;
    const keep = Math.exp(-seconds / tau);
    const left = numberAt(demand.channels, channel) * (1 - keep) * kept;
    parts.set(itemId, (parts.get(itemId) ?? 0) + (left * 100) / ceiling);
    kept *= keep;
  }
  return [...parts]
    .map(([itemId, percent]) => ({ itemId, percent }))
    .filter(({ percent }) => percent >= 0.05)
    .toSorted((a, b) => b.percent - a.percent);
}

const COMPARTMENTS: readonly Compartment[] = ['fast', 'slow'];

/** The compartments of every channel at the end of a class. */
function filledWith(pieces: readonly DemandPiece[]): Compartments {
  const compartments = new Compartments();
  for (const { demand, seconds } of pieces) compartments.fill(demand.channels, seconds);
  return compartments;
}

/**
 * The strain of every region in a class, worse compartment and side first named.
 * @param pieces as `sessionDemand` answers them
 * @param ceilings those of the group
 */
export function sessionStrain(pieces: readonly DemandPiece[], ceilings: Limits['ceilings']): RegionStrain[] {
  const compartments = filledWith(pieces);
  const minutes = indexMinutes(pieces);
  return Region.options.map((region): RegionStrain => {
    const ceiling = ceilings[region];
    let worst = { percent: 0, piece: -1, channel: -1, compartment: 'fast' as Compartment };
    for (const [channel, one] of CHANNELS.entries()) {
      if (one.region !== region) continue;
      for (const compartment of COMPARTMENTS) {
        const { most, at } = compartments[compartment];
        const percent = percentOf(floatAt(most, channel), region, compartment, ceiling);
        if (percent > worst.percent + 1e-9) worst = { percent, piece: intAt(at, channel), channel, compartment };
      }
    }
    const { percent, piece, channel, compartment } = worst;
    const last = pieces[piece];
    return {
      region,
      side: CHANNELS[channel]?.side ?? null,
      compartment,
      percent,
      atMs: last ? last.startMs + last.seconds * 1000 : 0,
      parts: last ? partsOf(pieces, channel, piece, tauOf(region, compartment), ceiling[compartment]) : [],
      indexMinutes: minutes.get(region) ?? 0,
    };
  });
}

/**
 * The most a region is strained while some lines are done, percent of the ceiling, the worse compartment and side; 0 where none
 * of them is done.
 */
export function strainDuring(
  pieces: readonly DemandPiece[],
  ceilings: Limits['ceilings'],
  region: Region,
  lines: ReadonlySet<string>,
): number {
  const compartments = new Compartments();
  let most = 0;
  for (const { itemId, demand, seconds } of pieces) {
    compartments.fill(demand.channels, seconds);
    if (!lines.has(itemId)) continue;
    for (const [channel, one] of CHANNELS.entries())
      for (const compartment of one.region === region ? COMPARTMENTS : []) {
        const filled = floatAt(compartments[compartment].filled, channel);
        most = Math.max(most, percentOf(filled, region, compartment, ceilings[region]));
      }
  }
  return most;
}
