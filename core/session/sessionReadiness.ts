import type { Region } from '../body/region';
import { CHANNELS } from '../demand/channels';
import { allowedDemand, readied, WORKING } from '../demand/readiness';
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

/**
 * Where a class asks more of a region than has been made ready. Both sides are watched; a line and region is said once, for
 * its worse side.
 */
export function readinessGaps(pieces: readonly DemandPiece[]): ReadinessGap[] {
  const found = new Map<string, ReadinessGap>();
  CHANNELS.forEach(({ region }, channel) => {
    // What is never asked more than a cold body may be asked has no gap.
    if (!pieces.some(({ demand }) => (demand.channels[channel] ?? 0) > allowedDemand(0))) return;
    let ready = 0;
    let open: ReadinessGap | null = null;
    const close = () => {
      if (open && open.seconds >= LEAST_GAP) {
        const key = `${open.itemId} ${region}`;
        const known = found.get(key);
        if (!known || known.size < open.size) found.set(key, open);
      }
      open = null;
    };
    for (const { demand, seconds, mobilised, itemId, startMs } of pieces) {
      const asked = demand.channels[channel] ?? 0;
      const allowed = allowedDemand(ready);
      if (asked > allowed) {
        if (open && (open as ReadinessGap).itemId !== itemId) close();
        const before: ReadinessGap = open ?? {
          region,
          itemId,
          startMs,
          seconds: 0,
          size: 0,
          ready,
          demand: asked,
          allowed,
        };
        const worse = asked - allowed > before.demand - before.allowed;
        open = {
          ...before,
          seconds: before.seconds + seconds,
          size: before.size + (asked - allowed) * seconds,
          ...(worse ? { demand: asked, allowed } : {}),
        };
      } else close();
      const moved = mobilised[channel] ?? 0;
      ready = readied(ready, asked > WORKING ? moved / 2 : moved, seconds);
    }
    close();
  });
  return [...found.values()].toSorted((a, b) => a.startMs - b.startMs || b.size - a.size);
}
