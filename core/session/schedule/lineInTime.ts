import { otherSide, type Side } from '../../body/written/side';
import { cappedMovement } from '../../movement/adapt/cappedMovement';
import { loweredMovement } from '../../movement/adapt/loweredMovement';
import { rampedMovement } from '../../movement/adapt/rampedMovement';
import type { Schools } from '../../movement/adapt/schools';
import { cycleAmount } from '../../movement/schema/cycleAmount';
import type { Movement } from '../../movement/schema/movement';
import type { PartName } from '../../movement/schema/parts';
import { firstSide, isHalfOfTurns, type Pass, type Passes, passesOf } from '../../movement/schema/pass';
import type { Breath, Phase } from '../../movement/schema/phase';
import { cachedPhases } from '../../movement/walk/cachedPhases';
import { openingRun } from '../../movement/walk/openingMoves';
import { breathSeconds, type Pace } from '../../timing/pace';
import { type BreathRatio, phaseBreaths, phaseSeconds } from '../../timing/phaseSeconds';
import { speechSeconds } from '../../timing/speech';
import { NATURAL_PACE } from '../../timing/timingConstants';
import { adaptMovement } from '../plan/adaptMovement';
import { openCount } from '../plan/line/openCount';
import type { MovementItem } from '../plan/session';
import type { TimelineClock } from '../timeline/clock';
import type { Segment, SegmentKind, Waits } from '../timeline/segment';
import { callFor } from './calls';
import type { Arrival } from './scheduleBridge';

/** What a line meets when its turn comes. */
export interface LineStart {
  readonly clock: TimelineClock;
  readonly section: number;
  readonly pace: Pace;
  readonly ratio: BreathRatio;
  /** How the class does its movements where schools disagree. */
  readonly schools: Schools;
  /** How low the class goes today, degrees of knee bend; null where that was not found out. */
  readonly deepest: number | null;
  /** How the class stands when the line begins. */
  readonly arrival: Arrival;
  /** How often the line has come round before, in how many rounds of its blocks, and how much lower it is this time. */
  readonly before: number;
  readonly round: number;
  readonly lower: number;
  /** Whether it is done to settle another line: then all of it is settling, and none of it is counted as that line's. */
  readonly settles: boolean;
  /** Whether a chain is taken on its other side with it. */
  readonly isOtherSide: boolean;
}

/** Where in its line something is done. */
export interface PlaceInLine {
  readonly round: number;
  readonly pass: number | null;
  readonly side: Side | null;
  readonly direction: Segment['direction'];
  readonly repetition: number | null;
  readonly of: number | null;
}

/** Before or after everything that is counted. */
export const UNCOUNTED: PlaceInLine = { round: 1, pass: null, side: null, direction: null, repetition: null, of: null };

/** Repetitions in one pass. A count that is not a whole number of cycles is done to the end of the cycle begun. */
export const repetitionsOf = (movement: Movement, count: number): number =>
  Math.max(1, Math.ceil(count / cycleAmount(movement.parts.cycle, movement.count.unit) - 1e-9));

const isLed = (breath: Breath): boolean => breath === 'in' || breath === 'out';

/** A movement's line while it is written into the timeline: how it is done in each round, and the two ways of writing it down. */
export class LineInTime {
  /** As it is done in its first round. */
  readonly movement: Movement;
  readonly passes: Passes;
  /** In each pass, where it ends by its count. */
  readonly #counted: number;
  /** How it waits for its instructor to end it; null where it ends by itself. */
  readonly waits: Waits | null;
  /** Its own pace, or its section's. */
  readonly pace: Pace;
  readonly #done: Movement;
  /** As it is done in each round it has come to: asked for with every phase. */
  readonly #inRound: Movement[] = [];

  constructor(
    readonly start: LineStart,
    readonly item: MovementItem,
    written: Movement,
  ) {
    this.#done = adaptMovement(written, item, start.schools, start.deepest);
    this.movement = this.movementIn(1);
    this.passes = passesOf(this.movement.laterality, item);
    this.#counted = this.#timesFor(item.count, written);
    const open = openCount(item, written);
    this.waits = open && {
      for: 'count',
      less: Math.max(0, this.#counted - this.#timesFor(Math.max(1, item.count - open.less), written)),
      more: this.#timesFor(item.count + open.more, written) - this.#counted,
    };
    const own = item.ownBreath ? NATURAL_PACE : item.pace;
    this.pace = own === null ? start.pace : { from: own, to: own, easing: 0 };
  }

  /** How often a pass repeats its cycle for a count. */
  #timesFor(count: number, written: Movement): number {
    const turns = repetitionsOf(written, count);
    return isHalfOfTurns(written.laterality, this.item) ? Math.ceil(turns / 2) : turns;
  }

  #lowerIn(round: number): number {
    return this.start.lower + this.item.lower * (round - 1);
  }

  /** The movement as it is done in one of its rounds, from 1. */
  movementIn(round: number): Movement {
    this.#inRound[round] ??= cappedMovement(loweredMovement(this.#done, this.#lowerIn(round)), this.start.deepest);
    return this.#inRound[round];
  }

  /** The sides one repetition goes through, in order; null where the movement has none. */
  sidesOf(pass: Pass, repetition: number): readonly [Side | null, ...(Side | null)[]] {
    const { sides } = this.movement.laterality;
    if (pass.side === 'left' || pass.side === 'right') return [pass.side];
    if (sides.kind === 'even' || sides.kind === 'each-side') return [null];
    const first = firstSide(sides.first, this.item.sides);
    if (sides.kind === 'either') return [first];
    if (sides.repetition === 'there-and-back') return [first, otherSide(first)];
    return [repetition % 2 === 1 ? first : otherSide(first)];
  }

  /**
   * How often a pass that begins now repeats its cycle: as its count says, or until its share of the time is over and the cycle begun
   * is done. By turns it ends on the side it did not begin with.
   */
  repetitionsIn(pass: Pass, round: number): number {
    const { ends } = this.item;
    if (ends.by !== 'clock') return this.#counted;
    const until = this.start.clock.sectionTime + ends.seconds / this.passes.length;
    let t = this.start.clock.sectionTime;
    let repetition = 0;
    while (t < until - 1e-9 || this.#isHalfway(repetition)) {
      repetition += 1;
      for (const side of this.sidesOf(pass, repetition)) {
        const place = { ...UNCOUNTED, round, side, direction: pass.direction };
        for (const phase of this.phasesOf('cycle', place)) t += phaseSeconds(phase, this.start.ratio, this.pace, t);
      }
    }
    return repetition;
  }

  /** Whether so many repetitions by turns leave one side done once more than the other. */
  #isHalfway(repetitions: number): boolean {
    const { sides } = this.movement.laterality;
    return sides.kind === 'alternating' && sides.repetition === 'one-side' && repetitions % 2 === 1;
  }

  /** Where its first pass begins. */
  get opening(): PlaceInLine {
    const [pass] = this.passes;
    return { ...UNCOUNTED, side: this.sidesOf(pass, 1)[0], direction: pass.direction };
  }

  /** The phases of a part as they are at one place of the line. */
  phasesOf(name: PartName, { round, side, direction, repetition, of }: PlaceInLine): readonly Phase[] {
    return cachedPhases(rampedMovement(this.movementIn(round), repetition ?? 1, of ?? 1), name, side, direction);
  }

  /** How long a phase takes from now on, seconds. */
  secondsOf(phase: Phase): number {
    return phaseSeconds(phase, this.start.ratio, this.pace, this.start.clock.sectionTime);
  }

  /** How long the breath half lasts that it begins with, seconds. */
  get openingSeconds(): number {
    const { start, opening, movement, pace } = this;
    const run = openingRun(this.phasesOf(movement.parts.entry ? 'entry' : 'cycle', opening));
    const from = start.clock.sectionTime;
    return run.reduce((t, phase) => t + phaseSeconds(phase, start.ratio, pace, t), from) - from;
  }

  /** How long one breath lasts from now on, seconds. */
  get breathSeconds(): number {
    return breathSeconds(this.pace, this.start.clock.sectionTime, 1);
  }

  /** Writes a stretch in which no phase of the movement is done. */
  addStretch(
    kind: SegmentKind,
    seconds: number,
    call: string,
    place: PlaceInLine = UNCOUNTED,
    breath: Partial<Pick<Segment, 'breath' | 'breaths'>> = {},
  ): void {
    const { breath: half = null, breaths = null } = breath;
    this.start.clock.segment(seconds, this.#at(place), { kind, call, breath: half, breaths });
  }

  /** Writes the phases of a part, one after the other; nothing where the movement has no such part. */
  addPart(kind: SegmentKind, name: PartName, place: PlaceInLine, completes = false): void {
    const { settles, clock, ratio } = this.start;
    const phases = this.phasesOf(name, place);
    const whose = this.#at(place);
    const { manner, ownBreath } = this.item;
    const isSaidAsDone = name === 'cycle' && this.#isSaidAsDone(place);
    // Counted by hand: a class has a thousand of these, and each key lays all of them out.
    let index = -1;
    for (const phase of phases) {
      index += 1;
      const moving = this.secondsOf(phase);
      const speaking = isSaidAsDone ? speechSeconds(phase.call) : 0;
      const breath = ownBreath && isLed(phase.breath) ? 'natural' : phase.breath;
      clock.segment(Math.max(moving, speaking), whose, {
        kind: settles ? 'settle' : kind,
        part: name,
        phase: index,
        completes: completes && !settles && index === phases.length - 1,
        breath,
        breaths: speaking > moving ? null : phaseBreaths(phase, ratio),
        call:
          name === 'cycle'
            ? callFor(
                breath === phase.breath ? phase : { ...phase, breath },
                index,
                place.repetition ?? 1,
                this.waits ? null : place.of,
                manner,
              )
            : phase.call,
      });
    }
  }

  /** Whether a phase waits for its call: the first repetition of a movement that is said as it is done. */
  #isSaidAsDone({ round, pass, repetition }: PlaceInLine): boolean {
    return this.item.manner === 'named' && round === 1 && (pass ?? 0) === 0 && repetition === 1;
  }

  /** What every stretch of the line says at one place. */
  #at({ round, pass, side, direction, repetition, of }: PlaceInLine) {
    const { section, round: rounds } = this.start;
    return {
      section,
      itemId: this.item.id,
      movementId: this.movement.id,
      round: round + rounds * this.item.rounds,
      lower: this.#lowerIn(round),
      pass,
      side,
      direction,
      repetition,
      of,
    };
  }
}
