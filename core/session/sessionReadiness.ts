import type { Region } from '../body/region';
import { CHANNELS } from '../demand/channels';
import { allowedDemand, readied, WORKING } from '../demand/readiness';
import { coursesOf } from './courses';
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

/** How ready each channel is after some pieces. */
export function readinessAfter(pieces: readonly DemandPiece[], from?: Readiness): Readiness {
  return CHANNELS.map((_, channel) =>
    pieces.reduce((ready, { seconds, demand, mobilised }) => {
      const moved = mobilised[channel] ?? 0;
      return readied(ready, (demand.channels[channel] ?? 0) > WORKING ? moved / 2 : moved, seconds);
    }, from?.[channel] ?? 0),
  );
}

/** A gap that goes on for a while longer. */
function widened(gap: ReadinessGap, asked: number, allowed: number, seconds: number): ReadinessGap {
  const worse = asked - allowed > gap.demand - gap.allowed;
  return {
    ...gap,
    seconds: gap.seconds + seconds,
    size: gap.size + (asked - allowed) * seconds,
    ...(worse ? { demand: asked, allowed } : {}),
  };
}

/**
 * Where a class asks more of a region than has been made ready. Both sides are watched; a line and region is said once, for
 * its worse side.
 * @param from how ready each channel is when the pieces begin; cold where it is left out
 */
export function readinessGaps(pieces: readonly DemandPiece[], from?: Readiness): ReadinessGap[] {
  const found = new Map<string, ReadinessGap>();
  const courses = coursesOf(pieces);
  // Most regions are left alone most of the time, and what is left of them then depends on the time alone.
  const idle = courses.seconds.map((seconds) => readied(1, 0, seconds));
  CHANNELS.forEach(({ region }, channel) => {
    const demand = courses.demand[channel] ?? new Float64Array();
    const mobilised = courses.mobilised[channel] ?? new Float64Array();
    // What is never asked more than a cold body may be asked has no gap.
    if (!demand.some((asked) => asked > allowedDemand(0))) return;
    let ready = from?.[channel] ?? 0;
    let open: ReadinessGap | null = null;
    const close = () => {
      if (open && open.seconds >= LEAST_GAP) {
        const key = `${open.itemId} ${region}`;
        const known = found.get(key);
        if (!known || known.size < open.size) found.set(key, open);
      }
      open = null;
    };
    for (let piece = 0; piece < demand.length; piece += 1) {
      const asked = demand[piece] as number;
      const seconds = courses.seconds[piece] as number;
      const allowed = allowedDemand(ready);
      if (asked > allowed) {
        const { itemId, startMs } = pieces[piece] as DemandPiece;
        if (open && (open as ReadinessGap).itemId !== itemId) close();
        open = widened(
          open ?? { region, itemId, startMs, seconds: 0, size: 0, ready, demand: asked, allowed },
          asked,
          allowed,
          seconds,
        );
      } else if (open) close();
      const moved = mobilised[piece] as number;
      ready =
        moved === 0 ? ready * (idle[piece] as number) : readied(ready, asked > WORKING ? moved / 2 : moved, seconds);
    }
    close();
  });
  return [...found.values()].toSorted((a, b) => a.startMs - b.startMs || b.size - a.size);
}
