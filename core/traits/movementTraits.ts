import { sumBy } from 'remeda';
import { z } from 'zod';
import { isSeated } from '../body/written/load';
import { Region } from '../body/written/region';
import { CHANNELS } from '../demand/channels';
import { cycleDemand } from '../demand/movementDemand';
import { mobilisedBy } from '../demand/readiness';
import { envelopeOf } from '../movement/sample/envelope';
import type { Movement } from '../movement/schema/movement';
import { writtenSide } from '../movement/walk/cycleFor';
import { displacement } from '../movement/walk/stride';
import { walkMovement } from '../movement/walk/walkMovement';
import { secondsAtPace } from '../timing/trackAtPace';

/** What one region is asked in a cycle, of its busier side. */
export const RegionTrait = z.object({
  region: Region,
  mean: z.number(),
  peak: z.number(),
  /** How much it is mobilised, 0 to 1, on the mean. */
  mobilised: z.number(),
});
export type RegionTrait = z.infer<typeof RegionTrait>;

/** What can be known of a movement by simulating it: for looking it up, and for its page. */
export const MovementTraits = z.object({
  id: z.string(),
  height: z.enum(['seated', 'high', 'middle', 'low']),
  space: z.enum(['in place', 'an arm’s width', 'walks']),
  breath: z.enum(['led', 'free']),
  /** Regions it makes ready: moved well while little is asked of them. */
  prepares: z.array(Region),
  /** Regions it works. */
  loads: z.array(Region),
  regions: z.array(RegionTrait),
  /** 0 steady to 1 on the edge, for as long as it has to be kept. */
  balance: z.number(),
  /** Metres the feet come in one cycle. */
  travels: z.number(),
  /** The floor one cycle sweeps over, metres across and deep. */
  floor: z.object({ across: z.number(), deep: z.number() }),
});
export type MovementTraits = z.infer<typeof MovementTraits>;

/** A region is prepared when it is mobilised at least so much while at most this is asked of it; loaded over this. Conventions. */
const PREPARES = 0.25;
const EASY = 0.35;
const LOADS = 0.3;
/** Stances to this knee bend are high, to the next middle; from there on low. */
const HIGH = 25;
const MIDDLE = 50;
/** Feet that come this far in a cycle walk, metres. */
const WALKS = 0.12;
/** A hand this far from the middle needs an arm's width, in metres. */
const WIDE = 0.75;

/** How long something has to be kept up without a break to be what the movement asks, seconds; of a short cycle a third. Convention. */
const KEPT = 4;

/**
 * How hard balance is for as long as it has to be kept: a step through the air on the way is not a stand on one leg.
 * @param stretches of one cycle
 */
function keptBalance(stretches: readonly { readonly value: number; readonly seconds: number }[]): number {
  const long = Math.min(KEPT, sumBy(stretches, ({ seconds }) => seconds) / 3);
  const longest = (least: number): number => {
    let [most, now] = [0, 0];
    // Twice round, for what the end of one cycle goes on with the next begins.
    for (const { value, seconds } of [...stretches, ...stretches]) {
      now = value >= least ? now + seconds : 0;
      most = Math.max(most, now);
    }
    return most;
  };
  const values = stretches.map(({ value }) => value).toSorted((a, b) => b - a);
  return values.find((value) => longest(value) >= long - 1e-9) ?? 0;
}

/** What can be known of a movement by simulating one cycle at the comparing pace. */
export function movementTraits(movement: Movement): MovementTraits {
  const side = writtenSide(movement);
  const demands = cycleDemand(movement);
  const lengths = movement.parts.cycle.map((phase) => secondsAtPace(phase));
  const whole = sumBy(lengths, (length) => length) || 1;
  const pieces = demands.flatMap(({ pieces: of }, phase) =>
    of.map((piece) => ({ piece, seconds: (lengths[phase] ?? 0) / of.length })),
  );

  const regions = Region.options.map((region): RegionTrait => {
    const channels = CHANNELS.flatMap((channel, index) => (channel.region === region ? [index] : []));
    const each = channels.map((index) => {
      const values = pieces.map(({ piece, seconds }) => ({ value: piece.channels[index] ?? 0, seconds }));
      const mobilised = demands.reduce((sum, { moved }, phase) => {
        const seconds = lengths[phase] ?? 0;
        return sum + mobilisedBy(moved[index] ?? 0, seconds) * seconds;
      }, 0);
      return {
        mean: sumBy(values, ({ value, seconds }) => value * seconds) / whole,
        peak: Math.max(0, ...values.map(({ value }) => value)),
        mobilised: Math.max(mobilised / whole, movement.mobilises[region] ?? 0),
      };
    });
    const most = (pick: (one: (typeof each)[number]) => number) => Math.max(0, ...each.map(pick));
    return {
      region,
      mean: most((one) => one.mean),
      peak: most((one) => one.peak),
      mobilised: most((one) => one.mobilised),
    };
  });

  const walked = walkMovement(movement, { side }).map(({ stride }) => stride);
  const { x, y } = displacement(
    walkMovement(movement, { side, cycles: 2 })
      .filter(({ part }) => part === 'cycle')
      .map(({ stride }) => stride),
  );
  const travels = Math.hypot(x, y) / 2;
  const swept = envelopeOf(walked);
  const deepest = Math.max(...walked.map(({ to }) => to.sink));
  const seated = isSeated(movement.start.load);
  const reach = Math.max(
    ...walked.map(({ to }) => Math.max(...[to.hands.left, to.hands.right].map(({ at }) => Math.abs(at[0])))),
  );
  return {
    id: movement.id,
    height: seated ? 'seated' : deepest <= HIGH ? 'high' : deepest <= MIDDLE ? 'middle' : 'low',
    space: travels > WALKS ? 'walks' : reach > WIDE ? 'an arm’s width' : 'in place',
    breath: movement.parts.cycle.some(({ length }) => length.kind === 'span') ? 'led' : 'free',
    prepares: regions
      .filter(({ mobilised, mean }) => mobilised >= PREPARES && mean <= EASY)
      .map(({ region }) => region),
    loads: regions.filter(({ mean }) => mean >= LOADS).map(({ region }) => region),
    regions,
    balance: keptBalance(pieces.map(({ piece, seconds }) => ({ value: piece.balance, seconds }))),
    travels,
    floor: { across: swept.left + swept.right, deep: swept.front + swept.back },
  };
}
