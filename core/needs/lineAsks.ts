import type { Side } from '../body/written/side';
import type { Movement } from '../movement/schema/movement';
import { rememberBy } from '../remember/rememberBy';
import { rememberFor } from '../remember/rememberFor';
import { driftOf } from '../session/load/driftOf';
import { movementIn } from '../session/load/sessionDemand';
import type { MovementItem } from '../session/plan/session';
import type { Segment } from '../session/timeline/segment';
import { type PhaseAsks, phaseAsks } from './phaseAsks';

/** What a line of a class really asks, from beginning to end, at its most. Degrees, metres and seconds. */
export interface LineAsks extends Pick<PhaseAsks, 'kneeBend' | 'twist' | 'handHigh' | 'fold'> {
  readonly headLowSeconds: number;
  /** The least time in which it comes up out of a fold; null where it does not fold. */
  readonly risesIn: number | null;
  readonly unsteadySeconds: number;
  /** The longest stopped breath. */
  readonly retainedSeconds: number;
  readonly pressingSeconds: number;
  readonly standingSeconds: number;
  /** The longest it goes on without a rest. */
  readonly unbrokenSeconds: number;
  /** How far it comes from where it began, at most. */
  readonly far: number;
  /** The same to the sides only: along a wall at the side one may walk on. */
  readonly farAcross: number;
}

const NOTHING: LineAsks = {
  kneeBend: 0,
  twist: { left: 0, right: 0 },
  handHigh: { left: Number.NEGATIVE_INFINITY, right: Number.NEGATIVE_INFINITY },
  fold: 0,
  headLowSeconds: 0,
  risesIn: null,
  unsteadySeconds: 0,
  retainedSeconds: 0,
  pressingSeconds: 0,
  standingSeconds: 0,
  unbrokenSeconds: 0,
  far: 0,
  farAcross: 0,
};

const mostOf = (a: Readonly<Record<Side, number>>, b: Readonly<Record<Side, number>>) => ({
  left: Math.max(a.left, b.left),
  right: Math.max(a.right, b.right),
});

/** Whether nobody moves in a segment. */
const isRest = ({ kind }: Segment): boolean => kind === 'round-rest' || kind === 'naming' || kind === 'showing';

/** A line as it stands in a class. */
export interface LineStanding {
  readonly item: MovementItem;
  readonly segments: readonly Segment[];
  /** How low the class goes today, degrees; null where that was not found out. */
  readonly deepest: number | null;
}

function asksOfLine(
  segments: readonly Segment[],
  movement: Movement,
  deepest: number | null,
  facing: number,
): LineAsks {
  let unbroken = 0;
  let [x, y] = [0, 0];
  return segments.reduce<LineAsks>((so, segment) => {
    const { part, phase, side, direction, repetition, lengthMs } = segment;
    const seconds = lengthMs / 1000;
    unbroken = isRest(segment) ? 0 : unbroken + seconds;
    const done = movementIn(segment, movement, deepest);
    const asks =
      part === null || phase === null
        ? null
        : phaseAsks(done, { part, phase, side, direction, first: (repetition ?? 1) === 1 });
    if (!asks) return so;
    const step = driftOf(movement, segment, facing);
    x += step.x;
    y += step.y;
    const when = (is: boolean) => (is ? seconds : 0);
    return {
      kneeBend: Math.max(so.kneeBend, asks.kneeBend),
      twist: mostOf(so.twist, asks.twist),
      handHigh: mostOf(so.handHigh, asks.handHigh),
      fold: Math.max(so.fold, asks.fold),
      headLowSeconds: so.headLowSeconds + when(asks.headLow),
      risesIn: asks.comesUp ? Math.min(so.risesIn ?? Number.POSITIVE_INFINITY, seconds) : so.risesIn,
      unsteadySeconds: so.unsteadySeconds + when(asks.unsteady),
      retainedSeconds: Math.max(so.retainedSeconds, when(asks.retained)),
      pressingSeconds: so.pressingSeconds + when(asks.presses),
      standingSeconds: so.standingSeconds + when(!asks.seated),
      unbrokenSeconds: Math.max(so.unbrokenSeconds, unbroken),
      far: Math.max(so.far, Math.hypot(x, y)),
      farAcross: Math.max(so.farAcross, Math.abs(x)),
    };
  }, NOTHING);
}

/** The same for each line as it stands, each way of doing it and each depth: worked out once. */
const keptAsks = rememberFor((segments: readonly Segment[]) =>
  rememberBy(
    (movement: Movement, deepest: number | null, facing: number) => asksOfLine(segments, movement, deepest, facing),
    (deepest, facing) => `${deepest} ${facing}`,
  ),
);

/**
 * What a line asks when it is done as this movement: its postures from the engine, its seconds from the timeline of the class.
 * @param movement as it is led, or as one of its variants has it: the phases are the same
 */
export const lineAsks = ({ segments, deepest, item: { facing } }: LineStanding, movement: Movement): LineAsks =>
  keptAsks(segments)(movement, deepest, facing);
