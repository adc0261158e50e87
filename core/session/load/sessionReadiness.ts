import type { Region } from '../../body/written/region';
import { CHANNELS, type ChannelValues, channelZeros } from '../../demand/channels';
import { allowedDemand, keptReady, readiedBy, WORKING } from '../../demand/readiness';
import { floatAt, numberAt } from '../../numbers/numberAt';
import { rememberFor } from '../../remember/rememberFor';
import type { DemandPiece } from './sessionDemand';

/** More is asked of a region than it has been made ready for. */
export interface ReadinessGap {
  readonly region: Region;
  readonly itemId: string;
  readonly startMs: number;
  readonly seconds: number;
  /** How much too much, over how long: the time integral of the excess, index-seconds. */
  readonly size: number;
  /** Readiness when it begins, and the demand and what was allowed at its worst. */
  readonly ready: number;
  readonly demand: number;
  readonly allowed: number;
}

/** A gap shorter than this is let pass, seconds. Convention. */
export const LEAST_GAP = 2;

/** How ready each channel is, 0 to 1, in the order of CHANNELS. */
export type Readiness = readonly number[];

/** What some pieces leave of any readiness, and what they add to it: channel by channel, for both are the same wherever it begins. */
interface Warmth {
  readonly kept: Float64Array;
  readonly gained: Float64Array;
}

/** Reckoned once for each list of pieces: warm-ups are tried in many combinations of the same lines. */
const warmthOf = rememberFor((pieces: readonly DemandPiece[]): Warmth => {
  const kept = new Float64Array(CHANNELS.length).fill(1);
  const gained = new Float64Array(CHANNELS.length);
  for (const { seconds, demand, mobilised } of pieces)
    for (let channel = 0; channel < CHANNELS.length; channel += 1) {
      const working = numberAt(demand.channels, channel) > WORKING;
      const moved = numberAt(mobilised, channel) / (working ? 2 : 1);
      const left = keptReady(moved, seconds);
      kept[channel] = floatAt(kept, channel) * left;
      gained[channel] = readiedBy(floatAt(gained, channel), moved, left);
    }
  const warmth = { kept, gained };
  return warmth;
});

/** How ready each channel is after some pieces. */
export function readinessAfter(pieces: readonly DemandPiece[], from?: Readiness): Readiness {
  const { kept, gained } = warmthOf(pieces);
  return CHANNELS.map((_, channel) => floatAt(gained, channel) + floatAt(kept, channel) * (from?.[channel] ?? 0));
}

/** The channels that some piece asks more of than even a cold body may be asked: no others can have a gap. */
const workedChannels = rememberFor((pieces: readonly DemandPiece[]): readonly number[] => {
  const most = channelZeros();
  for (const { demand } of pieces)
    for (let channel = 0; channel < most.length; channel += 1)
      if (numberAt(demand.channels, channel) > numberAt(most, channel))
        most[channel] = numberAt(demand.channels, channel);
  const worked = [...most.keys()].filter((channel) => numberAt(most, channel) > allowedDemand(0));
  return worked;
});

/** A gap that is still open: written on as it goes. */
type OpenGap = { -readonly [Key in keyof ReadinessGap]: ReadinessGap[Key] };

const newGap = (region: Region, { itemId, startMs }: DemandPiece, ready: number): OpenGap => ({
  region,
  itemId,
  startMs,
  seconds: 0,
  size: 0,
  ready,
  demand: 0,
  allowed: 0,
});

/** A gap that goes on for a while longer. */
function widen(gap: OpenGap, asked: number, allowed: number, seconds: number): void {
  gap.seconds += seconds;
  gap.size += (asked - allowed) * seconds;
  if (asked - allowed <= gap.demand - gap.allowed) return;
  gap.demand = asked;
  gap.allowed = allowed;
}

/** How quickly channels warm and fade over one piece, each way reckoned once: pieces of one phase warm alike. */
class Warming {
  #mobilised: ChannelValues = channelZeros();
  #seconds = -1;
  readonly #full = new Float64Array(CHANNELS.length);
  readonly #half = new Float64Array(CHANNELS.length);

  begin({ mobilised, seconds }: DemandPiece): void {
    if (mobilised === this.#mobilised && seconds === this.#seconds) return;
    this.#mobilised = mobilised;
    this.#seconds = seconds;
    this.#full.fill(Number.NaN);
    this.#half.fill(Number.NaN);
  }

  after(ready: number, channel: number, working: boolean): number {
    const moved = numberAt(this.#mobilised, channel) / (working ? 2 : 1);
    const row = working ? this.#half : this.#full;
    const known = floatAt(row, channel);
    const kept = Number.isNaN(known) ? keptReady(moved, this.#seconds) : known;
    row[channel] = kept;
    return readiedBy(ready, moved, kept);
  }
}

/**
 * Where a class asks more of a region than has been made ready. Both sides are watched; a line and region is said once, for
 * its worse side.
 * @param from how ready each channel is when the pieces begin; cold where it is left out
 */
export function readinessGaps(pieces: readonly DemandPiece[], from?: Readiness): ReadinessGap[] {
  const found = new Map<string, ReadinessGap>();
  const ready = Float64Array.from(CHANNELS, (_, channel) => from?.[channel] ?? 0);
  const open: (OpenGap | null)[] = CHANNELS.map(() => null);
  const close = (channel: number) => {
    const gap = open[channel];
    open[channel] = null;
    if (!gap || gap.seconds < LEAST_GAP) return;
    const key = `${gap.itemId} ${gap.region}`;
    const known = found.get(key);
    if (!known || known.size < gap.size) found.set(key, gap);
  };
  const warming = new Warming();
  const channels = workedChannels(pieces);
  for (let place = 0; place < pieces.length; place += 1) {
    const piece = pieces[place] as DemandPiece;
    const { itemId, seconds, demand } = piece;
    warming.begin(piece);
    for (const channel of channels) {
      // Beyond what anyone should be asked to keep up there is nothing more to be ready for.
      const asked = Math.min(1, numberAt(demand.channels, channel));
      const before = floatAt(ready, channel);
      const allowed = allowedDemand(before);
      if (asked > allowed) {
        if (open[channel]?.itemId !== itemId) close(channel);
        const { region } = CHANNELS[channel] as (typeof CHANNELS)[number];
        const gap = open[channel] ?? newGap(region, piece, before);
        widen(gap, asked, allowed, seconds);
        open[channel] = gap;
      } else if (open[channel]) close(channel);
      ready[channel] = warming.after(before, channel, asked > WORKING);
    }
  }
  for (const channel of open.keys()) close(channel);
  return [...found.values()].toSorted((a, b) => a.startMs - b.startMs || b.size - a.size);
}
