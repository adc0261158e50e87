import { otherSide, type Side } from '../../body/written/side';
import { loweredMovement } from '../../movement/adapt/loweredMovement';
import { rampedMovement } from '../../movement/adapt/rampedMovement';
import type { Schools } from '../../movement/adapt/schools';
import { cycleAmount } from '../../movement/schema/cycleAmount';
import { type Movement, usualName } from '../../movement/schema/movement';
import type { PartName } from '../../movement/schema/parts';
import { firstSide, type Pass, passesOf } from '../../movement/schema/pass';
import type { Phase } from '../../movement/schema/phase';
import { knownPhases } from '../../movement/walk/cachedPhases';
import { betweenSides, firstPose, lastPose } from '../../movement/walk/cachedWalk';
import type { Pace } from '../../timing/pace';
import { type BreathRatio, phaseBreaths, phaseSeconds } from '../../timing/phaseSeconds';
import { namingSeconds, showingSeconds } from '../../timing/speech';
import { DIRECTION_CHANGE, SIDE_CHANGE } from '../../timing/timingConstants';
import { doneAs } from '../plan/adaptMovement';
import type { MovementItem } from '../plan/session';
import { callFor } from './calls';
import type { TimelineClock } from './clock';
import { chainChange, type Floor, sideChange, stepsInto } from './scheduleBridge';
import type { LaidBridge, Segment, SegmentKind } from './segment';

export interface Lead {
  readonly clock: TimelineClock;
  readonly section: number;
  readonly pace: Pace;
  readonly ratio: BreathRatio;
  /** How the class does its movements where schools disagree. */
  readonly schools: Schools;
  /** How the class stands when the line begins. */
  readonly floor: Floor;
  /** How often the line has come round before, in how many rounds of its blocks, and how much lower it is this time. */
  readonly before: number;
  readonly round: number;
  readonly lower: number;
  /** Whether it is done to settle another line: then all of it is settling, and none of it is counted as that line's. */
  readonly settles: boolean;
  /** Whether a chain is taken on its other side with it. */
  readonly isOtherSide: boolean;
}

/** What a laid line leaves behind: how the class stands, and the steps that led into it. */
export interface LaidLine {
  readonly floor: Floor;
  readonly bridge: LaidBridge | null;
}

interface At {
  readonly round: number;
  readonly pass: number | null;
  readonly side: Side | null;
  readonly direction: Segment['direction'];
  readonly repetition: number | null;
  readonly of: number | null;
}

const UNBREATHED = { breath: null, breaths: null } as const;
const NOWHERE: At = { round: 1, pass: null, side: null, direction: null, repetition: null, of: null };

/** Repetitions in one pass. A count that is not a whole number of cycles is done to the end of the cycle begun. */
export const repetitionsOf = (movement: Movement, count: number): number =>
  Math.max(1, Math.ceil(count / cycleAmount(movement.parts.cycle, movement.count.unit) - 1e-9));

/** The sides one repetition goes through, in order. */
function sidesOfRepetition(movement: Movement, item: MovementItem, pass: Pass, repetition: number): (Side | null)[] {
  const { sides } = movement.laterality;
  if (pass.side === 'left' || pass.side === 'right') return [pass.side];
  if (sides.kind === 'either') return [firstSide(sides.first, item.sides)];
  if (sides.kind !== 'alternating') return [null];
  const first = firstSide(sides.first, item.sides);
  if (sides.repetition === 'there-and-back') return [first, otherSide(first)];
  return [repetition % 2 === 1 ? first : otherSide(first)];
}

/** Lays one movement item on the clock: naming, showing, the steps into it, entry, rounds of passes of repetitions, exit, settling. */
export function layMovement(lead: Lead, item: MovementItem, written: Movement): LaidLine {
  const done = doneAs(written, item, lead.schools);
  const lowerIn = (round: number): number => lead.lower + item.lower * (round - 1);
  const movementIn = (round: number): Movement => loweredMovement(done, lowerIn(round));
  const movement = movementIn(1);
  const { clock, ratio } = lead;
  const pace: Pace = item.pace === null ? lead.pace : { from: item.pace, to: item.pace, easing: 0 };
  const passes = passesOf(movement.laterality, item);
  const repetitions = repetitionsOf(written, item.count);
  const roundsBefore = lead.round * item.rounds;

  /** A stretch without a phase. Written out rather than spread, as everything is that a class has hundreds of. */
  const still = (
    kind: SegmentKind,
    seconds: number,
    call: string,
    at: At = NOWHERE,
    breath: Pick<Segment, 'breath' | 'breaths'> = UNBREATHED,
  ) => {
    clock.segment(seconds, {
      kind,
      section: lead.section,
      itemId: item.id,
      movementId: movement.id,
      part: null,
      phase: null,
      round: at.round + roundsBefore,
      lower: lowerIn(at.round),
      pass: at.pass,
      side: at.side,
      direction: at.direction,
      repetition: at.repetition,
      of: at.of,
      completes: false,
      breath: breath.breath,
      breaths: breath.breaths,
      call,
    });
  };

  /** The phases of a part as they are in one repetition of one round. */
  const phasesOf = (
    name: PartName,
    { round, side, direction, repetition, of }: Pick<At, 'round' | 'side' | 'direction' | 'repetition' | 'of'>,
  ): readonly Phase[] =>
    knownPhases(rampedMovement(movementIn(round), repetition ?? 1, of ?? 1), name, side, direction);

  const part = (kind: SegmentKind, name: PartName, at: At, completes = false) => {
    const phases = phasesOf(name, at);
    phases.forEach((phase, index) => {
      clock.segment(phaseSeconds(phase, ratio, pace, clock.sectionTime), {
        kind: lead.settles ? 'settle' : kind,
        section: lead.section,
        itemId: item.id,
        movementId: movement.id,
        round: at.round + roundsBefore,
        lower: lowerIn(at.round),
        pass: at.pass,
        side: at.side,
        direction: at.direction,
        repetition: at.repetition,
        of: at.of,
        part: name,
        phase: index,
        completes: completes && !lead.settles && index === phases.length - 1,
        breath: phase.breath,
        breaths: phaseBreaths(phase, ratio),
        call: name === 'cycle' ? callFor(phase, index, at.repetition ?? 1, at.of ?? 1, item.manner) : phase.call,
      });
    });
  };

  const firstOf = (pass: Pass): Side | null => sidesOfRepetition(movement, item, pass, 1)[0] ?? null;
  const opening = passes[0] as Pass;
  const openingAt: At = { ...NOWHERE, side: firstOf(opening), direction: opening.direction };

  if (item.manner === 'explained') {
    const cycle = phasesOf('cycle', openingAt);
    const start = clock.sectionTime + namingSeconds(usualName(movement));
    const length = cycle.reduce((t, phase) => t + phaseSeconds(phase, ratio, pace, t), start) - start;
    still('naming', namingSeconds(usualName(movement)), usualName(movement));
    still(
      'showing',
      showingSeconds(
        length,
        cycle.map(({ call }) => call),
      ),
      'Watch once',
    );
  }
  const goal = firstPose(movement, openingAt.side, opening.direction);
  const begins = phasesOf(movement.parts.entry ? 'entry' : 'cycle', openingAt)[0]?.breath ?? 'natural';
  const shown = item.manner === 'explained';
  const floor = shown ? { ...lead.floor, breath: null } : lead.floor;
  const steps = goal && stepsInto(floor, goal, begins, lead.before > 0 ? null : item.bridge);
  let bridge: LaidBridge | null = null;
  if (lead.isOtherSide) {
    const { seconds, call } = chainChange(steps);
    still('side-change', seconds, call);
  }
  if (steps && !(lead.isOtherSide && steps.led === 'free')) {
    const before = clock.ms;
    const at = { ...NOWHERE, side: openingAt.side };
    if (steps.seconds > 0) still('bridge', steps.seconds, steps.call, at);
    for (const phase of steps.phases) {
      const seconds = phaseSeconds(phase, ratio, pace, clock.sectionTime);
      still('bridge', seconds, phase.call, at, { breath: phase.breath, breaths: phaseBreaths(phase, ratio) });
    }
    bridge = { led: steps.led, halves: steps.halves, call: steps.call, lengthMs: clock.ms - before };
  }
  part('entry', 'entry', openingAt);

  const change = (from: Pass, to: Pass, at: At) => {
    const turns = from.side === to.side;
    if (turns) still('direction-change', DIRECTION_CHANGE, 'Other way', at);
    else if (movement.parts.between) part('side-change', 'between', at);
    else {
      const between = betweenSides(movementIn(at.round), to.direction, at.side, firstOf(to));
      const { seconds, call } = between
        ? sideChange(between.ends, between.begins)
        : { seconds: SIDE_CHANGE, call: 'Other side' };
      still('side-change', seconds, call, at);
    }
  };

  for (let round = 1; round <= item.rounds; round += 1) {
    if (round > 1 && item.roundRest > 0) still('round-rest', item.roundRest, 'Rest', { ...NOWHERE, round });
    passes.forEach((pass, index) => {
      const previous = index > 0 ? passes[index - 1] : round > 1 && item.roundRest === 0 ? passes.at(-1) : undefined;
      const place = { round, pass: index, direction: pass.direction };
      // The change is made on the side being left, so that an authored "between" part starts where the feet are.
      const moves = previous !== undefined && (previous.side !== pass.side || previous.direction !== pass.direction);
      if (moves) change(previous, pass, { ...NOWHERE, ...place, side: firstOf(previous) });
      for (let repetition = 1; repetition <= repetitions; repetition += 1) {
        const sides = sidesOfRepetition(movement, item, pass, repetition);
        sides.forEach((side, leg) => {
          const at = { round, pass: index, direction: pass.direction, side, repetition, of: repetitions };
          part('move', 'cycle', at, leg === sides.length - 1);
        });
      }
    });
  }

  const closing = passes.at(-1) as Pass;
  const last = sidesOfRepetition(movement, item, closing, repetitions).at(-1) ?? null;
  part('exit', 'exit', { ...NOWHERE, round: item.rounds, side: last });
  if (item.settle.kind === 'still') still('settle', item.settle.seconds, 'Settle');
  const ends = phasesOf(movement.parts.exit ? 'exit' : 'cycle', {
    ...NOWHERE,
    round: item.rounds,
    side: last,
    direction: closing.direction,
  }).at(-1);
  return {
    bridge,
    floor: {
      pose: lastPose(movementIn(item.rounds), last, closing.direction) ?? lead.floor.pose,
      breath: item.settle.kind === 'still' ? null : (ends?.breath ?? null),
    },
  };
}
