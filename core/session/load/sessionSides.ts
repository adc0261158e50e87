import { sumBy } from 'remeda';
import type { Region } from '../../body/written/region';
import type { Side } from '../../body/written/side';
import { CHANNELS } from '../../demand/channels';
import type { Segment, Timeline } from '../timeline/segment';
import type { DemandPiece } from './sessionDemand';

/** What a class does on each side. */
export interface SideAccount extends SideCount {
  /** What paired regions are asked over the whole class, index times minutes. */
  readonly load: Readonly<Partial<Record<Region, number>>>;
}

export interface SideCount {
  readonly repetitions: number;
  readonly seconds: number;
}

/** Repetitions and seconds of moving on one side, among some segments. There and back is counted on both its sides. */
export function countSide(segments: readonly Segment[], side: Side): SideCount {
  const moving = segments.filter((segment) => segment.kind === 'move' && segment.side === side);
  return {
    repetitions: moving.filter(({ phase }) => phase === 0).length,
    seconds: sumBy(moving, ({ lengthMs }) => lengthMs) / 1000,
  };
}

/** Left against right over a whole class: counts, seconds and load. */
export function sessionSides(timeline: Timeline, pieces: readonly DemandPiece[]): Readonly<Record<Side, SideAccount>> {
  const account = (side: Side): SideAccount => {
    const load: Partial<Record<Region, number>> = {};
    for (const [index, channel] of CHANNELS.entries()) {
      if (channel.side !== side) continue;
      load[channel.region] = pieces.reduce(
        (sum, { demand, seconds }) => sum + ((demand.channels[index] ?? 0) * seconds) / 60,
        0,
      );
    }
    return { ...countSide(timeline.segments, side), load };
  };
  return { left: account('left'), right: account('right') };
}
