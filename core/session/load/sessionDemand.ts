import { skeletonOf } from '../../body/figure/skeleton';
import { wrapAngle } from '../../body/geometry/wrapAngle';
import type { Pose } from '../../body/standing/pose';
import { isSeated } from '../../body/written/load';
import { Region } from '../../body/written/region';
import { type ChannelValues, channelIndex, channelZeros } from '../../demand/channels';
import { type Demand, demandAt } from '../../demand/demandAt';
import { phaseDemand } from '../../demand/movementDemand';
import { mobilisedBy } from '../../demand/readiness';
import { cappedMovement } from '../../movement/adapt/cappedMovement';
import { loweredMovement } from '../../movement/adapt/loweredMovement';
import { rampedMovement } from '../../movement/adapt/rampedMovement';
import type { FindMovement, Movement } from '../../movement/schema/movement';
import { numberAt } from '../../numbers/numberAt';
import { rememberFor } from '../../remember/rememberFor';
import { adaptedMovements } from '../plan/adaptMovement';
import { deepestFor } from '../plan/line/depth';
import { facingsOf } from '../plan/line/facing';
import type { Plan } from '../plan/session';
import { MID_STEP, RESTING, RESTING_SEATED } from '../schedule/restPoses';
import { doneIn } from '../schedule/settleItem';
import type { Segment, Timeline } from '../timeline/segment';

/** A stretch of a class in which demand is taken as constant. */
export interface DemandPiece {
  readonly startMs: number;
  readonly seconds: number;
  /** Index of its segment in the timeline. */
  readonly segment: number;
  readonly itemId: string;
  readonly demand: Demand;
  /** How much each channel is mobilised, 0 to 1. */
  readonly mobilised: ChannelValues;
}

const NOTHING = channelZeros();

const askedBy = (pose: Pose): Demand => demandAt(pose, skeletonOf(pose));
/** What standing or sitting at ease asks, and stepping from one movement into the next. */
export const EASE_DEMAND = askedBy(RESTING);
const SEATED_DEMAND = askedBy(RESTING_SEATED);
const STEPPING_DEMAND = askedBy(MID_STEP);

const beginsSeated = (movement: Movement | undefined): boolean =>
  movement !== undefined && isSeated(movement.start.load);

/** The regions a movement is said to move though the figure cannot show it. */
const declared = rememberFor((movement: Movement): readonly (readonly [index: number, amount: number])[] => {
  const found = Region.options.flatMap((region) => {
    const amount = movement.mobilises[region];
    if (amount === undefined) return [];
    return [null, 'left' as const, 'right' as const].flatMap((side) => {
      const index = channelIndex(region, side);
      return index < 0 ? [] : [[index, amount] as const];
    });
  });
  return found;
});

/** A movement as a segment of its line has it: so much lower in this round, so far along its ramp, and no deeper than the class goes. */
export const movementIn = (
  { lower, repetition, of }: Pick<Segment, 'lower' | 'repetition' | 'of'>,
  movement: Movement,
  deepest: number | null,
): Movement => cappedMovement(rampedMovement(loweredMovement(movement, lower), repetition ?? 1, of ?? 1), deepest);

function movingPieces(
  segment: Segment,
  index: number,
  movement: Movement,
  deepest: number | null,
  facing: number,
): DemandPiece[] | null {
  const { part, phase, side, direction, repetition, startMs, lengthMs, itemId } = segment;
  if (part === null || phase === null) return null;
  const ramped = movementIn(segment, movement, deepest);
  const demand = phaseDemand(ramped, { part, phase, side, direction, first: (repetition ?? 1) === 1 });
  if (!demand) return null;
  const seconds = lengthMs / 1000;
  const mobilised = channelZeros();
  for (let channel = 0; channel < mobilised.length; channel += 1)
    mobilised[channel] = mobilisedBy(numberAt(demand.moved, channel), seconds);
  for (const [channel, amount] of declared(movement)) mobilised[channel] = Math.max(mobilised[channel] ?? 0, amount);
  const share = 1 / demand.pieces.length;
  return demand.pieces.map((piece, place) => ({
    startMs: startMs + lengthMs * share * place,
    seconds: seconds * share,
    segment: index,
    itemId,
    demand: facing === 0 ? piece : { ...piece, facing: wrapAngle(piece.facing + facing) },
    mobilised,
  }));
}

/** What a class asks from beginning to end, piece by piece without gaps. */
export function sessionDemand(
  plan: Pick<Plan, 'sections' | 'schools'>,
  timeline: Timeline,
  find: FindMovement,
): DemandPiece[] {
  const done = adaptedMovements(plan, find);
  const facings = facingsOf(plan);
  let seated = false;
  return timeline.segments.flatMap((segment, index): DemandPiece[] => {
    const movement = doneIn(segment, done, find, plan.schools);
    if (movement) seated = beginsSeated(movement);
    const moving =
      movement && segment.lengthMs > 0
        ? movingPieces(
            segment,
            index,
            movement,
            deepestFor(plan.sections, segment.itemId),
            facings.get(segment.itemId) ?? 0,
          )
        : null;
    if (moving) return moving;
    const { startMs, lengthMs, itemId } = segment;
    if (lengthMs === 0) return [];
    return [
      {
        startMs,
        seconds: lengthMs / 1000,
        segment: index,
        itemId,
        demand: seated ? SEATED_DEMAND : segment.kind === 'bridge' ? STEPPING_DEMAND : EASE_DEMAND,
        mobilised: NOTHING,
      },
    ];
  });
}
