import type { Region } from '../../body/written/region';
import { CHANNELS } from '../../demand/channels';
import { floatAt, numberAt } from '../../numbers/numberAt';
import type { DemandPiece } from './sessionDemand';

/** What each region is asked over a class, index times minutes: the sum over both sides. A region that is asked nothing is at 0. */
export function indexMinutes(pieces: readonly Pick<DemandPiece, 'demand' | 'seconds'>[]): ReadonlyMap<Region, number> {
  const worked = new Float64Array(CHANNELS.length);
  for (const { demand, seconds } of pieces)
    for (let channel = 0; channel < worked.length; channel += 1)
      worked[channel] = floatAt(worked, channel) + numberAt(demand.channels, channel) * seconds;
  const sums = new Map<Region, number>();
  for (const [channel, { region }] of CHANNELS.entries())
    sums.set(region, (sums.get(region) ?? 0) + floatAt(worked, channel) / 60);
  return sums;
}
