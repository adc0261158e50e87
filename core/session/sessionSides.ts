import type { Region } from '../body/region';
import type { Side } from '../body/side';
import { CHANNELS } from '../demand/channels';
import type { Timeline } from './segment';
import type { DemandPiece } from './sessionDemand';

/** What a class does on each side. */
export interface SideAccount {
  /** Repetitions done on that side; those of both sides at once are left out. */
  readonly repetitions: number;
  /** Seconds of moving on that side. */
  readonly seconds: number;
  /** What paired regions are asked over the whole class, index times minutes. */
  readonly load: Readonly<Partial<Record<Region, number>>>;
}

/** Left against right over a whole class: counts, seconds and load. */
export function sessionSides(timeline: Timeline, pieces: readonly DemandPiece[]): Readonly<Record<Side, SideAccount>> {
  const account = (side: Side): SideAccount => {
    const moving = timeline.segments.filter((segment) => segment.kind === 'move' && segment.side === side);
    const load: Partial<Record<Region, number>> = {};
    for (const [index, channel] of CHANNELS.entries()) {
      if (channel.side !== side) continue;
      load[channel.region] = pieces.reduce(
        (sum, { demand, seconds }) => sum + ((demand.channels[index] ?? 0) * seconds) / 60,
        0,
      );
    }
    // A repetition there and back is counted on each side it goes through.
    const firsts = moving.filter(({ phase }) => phase === 0).length;
    return { repetitions: firsts, seconds: moving.reduce((sum, { lengthMs }) => sum + lengthMs, 0) / 1000, load };
  };
  return { left: account('left'), right: account('right') };
}
