import { sumBy } from 'remeda';
import { Region } from '../body/written/region';
import { CHANNELS } from '../demand/channels';
import { cycleDemand } from '../demand/movementDemand';
import { mobilisedBy } from '../demand/readiness';
import type { Movement } from '../movement/schema/movement';
import { rememberFor } from '../remember/rememberFor';
import { secondsAtPace } from '../timing/trackAtPace';

/** What a movement does for a region while it is done at the comparing pace. */
export interface Warming {
  /** How much its slower side is mobilised, 0 to 1, on the mean. */
  readonly mobilised: number;
  /** What is asked of its busier side at most. */
  readonly peak: number;
}

/** What a movement warms, region by region; worked out once for each movement. */
export const warmingOf = rememberFor((movement: Movement): Readonly<Record<Region, Warming>> => {
  const bothSides = movement.laterality.sides.kind !== 'even';
  const demands = cycleDemand(movement);
  const lengths = movement.parts.cycle.map((phase) => secondsAtPace(phase));
  const whole = sumBy(lengths, (length) => length) || 1;
  const of = (region: Region): Warming => {
    const channels = CHANNELS.flatMap((channel, index) => (channel.region === region ? [index] : []));
    const mobilised = channels.map(
      (index) =>
        demands.reduce((sum, { moved }, phase) => {
          const seconds = lengths[phase] ?? 0;
          return sum + mobilisedBy(moved[index] ?? 0, seconds) * seconds;
        }, 0) / whole,
    );
    // Done on each side in turn, what one side gets in a cycle the other gets in the next.
    const mean = sumBy(mobilised, (one) => one) / mobilised.length;
    const peaks = demands.flatMap(({ pieces }) =>
      pieces.flatMap(({ channels: values }) => channels.map((index) => values[index] ?? 0)),
    );
    return {
      mobilised: Math.max(movement.mobilises[region] ?? 0, bothSides ? mean : Math.min(...mobilised)),
      peak: Math.max(0, ...peaks),
    };
  };
  const warming = Object.fromEntries(Region.options.map((region) => [region, of(region)])) as Record<Region, Warming>;
  return warming;
});
