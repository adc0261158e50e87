import { otherSide, type Side } from '../body/side';
import { cycleAmount } from '../movement/cycleAmount';
import { phasesFor } from '../movement/cycleFor';
import { type Movement, usualName } from '../movement/movement';
import type { PartName } from '../movement/parts';
import { firstSide, type Pass, passesOf } from '../movement/pass';
import type { Phase } from '../movement/phase';
import { rampedMovement } from '../movement/rampedMovement';
import { callFor } from './calls';
import type { TimelineClock } from './clock';
import { DIRECTION_CHANGE, SIDE_CHANGE } from './constants';
import type { Pace } from './pace';
import { type BreathRatio, phaseBreaths, phaseSeconds } from './phaseSeconds';
import type { Segment, SegmentKind } from './segment';
import type { MovementItem } from './session';
import { namingSeconds, showingSeconds } from './speech';

export interface Lead {
  readonly clock: TimelineClock;
  readonly section: number;
  readonly pace: Pace;
  readonly ratio: BreathRatio;
}

interface At {
  readonly round: number;
  readonly pass: number | null;
  readonly side: Side | null;
  readonly direction: Segment['direction'];
  readonly repetition: number | null;
  readonly of: number | null;
}

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

/** Lays one movement item on the clock: naming, showing, entry, rounds of passes of repetitions, exit, settling. */
export function layMovement(lead: Lead, item: MovementItem, movement: Movement): void {
  const { clock, ratio } = lead;
  const pace: Pace = item.pace === null ? lead.pace : { from: item.pace, to: item.pace, easing: 0 };
  const passes = passesOf(movement.laterality, item);
  const repetitions = repetitionsOf(movement, item.count);
  const base = { section: lead.section, itemId: item.id, movementId: movement.id };

  const still = (kind: SegmentKind, seconds: number, call: string, at: At = NOWHERE) => {
    const moving = { part: null, phase: null, completes: false, breath: null, breaths: null };
    clock.segment(seconds, { kind, ...base, ...moving, ...at, call });
  };

  const drawn = new Map<string, readonly Phase[]>();
  /** The phases of a part, made once for each side and direction however often they are repeated. */
  const phasesOf = (
    name: PartName,
    { side, direction, repetition, of }: Pick<At, 'side' | 'direction' | 'repetition' | 'of'>,
  ): readonly Phase[] => {
    const ramped = rampedMovement(movement, repetition ?? 1, of ?? 1);
    const key = ramped === movement ? `${name} ${side} ${direction}` : `${name} ${side} ${direction} ${repetition}`;
    const known = drawn.get(key);
    if (known) return known;
    const phases = phasesFor(ramped, name, side, direction);
    drawn.set(key, phases);
    return phases;
  };

  const part = (kind: SegmentKind, name: PartName, at: At, completes = false) => {
    const phases = phasesOf(name, at);
    phases.forEach((phase, index) => {
      clock.segment(phaseSeconds(phase, ratio, pace, clock.sectionTime), {
        kind,
        section: lead.section,
        itemId: item.id,
        movementId: movement.id,
        round: at.round,
        pass: at.pass,
        side: at.side,
        direction: at.direction,
        repetition: at.repetition,
        of: at.of,
        part: name,
        phase: index,
        completes: completes && index === phases.length - 1,
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
  part('entry', 'entry', openingAt);

  const change = (from: Pass, to: Pass, at: At) => {
    const turns = from.side === to.side;
    if (!turns && movement.parts.between) part('side-change', 'between', at);
    else
      still(
        turns ? 'direction-change' : 'side-change',
        turns ? DIRECTION_CHANGE : SIDE_CHANGE,
        turns ? 'Other way' : 'Other side',
        at,
      );
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
          part('move', 'cycle', { ...place, side, repetition, of: repetitions }, leg === sides.length - 1);
        });
      }
    });
  }

  const closing = passes.at(-1) as Pass;
  const last = sidesOfRepetition(movement, item, closing, repetitions).at(-1) ?? null;
  part('exit', 'exit', { ...NOWHERE, round: item.rounds, side: last });
  if (item.settle.kind === 'still') still('settle', item.settle.seconds, 'Settle');
}
