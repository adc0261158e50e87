import { clamp, sumBy } from 'remeda';
import { cycleAmount } from '../../../movement/schema/cycleAmount';
import type { Movement } from '../../../movement/schema/movement';
import { passesOf, sidesOffered } from '../../../movement/schema/pass';
import { minutes } from '../../../words/clockWords';
import type { MovementItem } from '../../plan/session';
import { wholeCycles } from '../wholeCycles';
import type { WrittenAmount } from './readAmount';
import type { WrittenMovement } from './readLine';

/** One way of understanding how much was written of a movement: what the line then says. */
export interface Understood {
  readonly change: Partial<MovementItem>;
  /** How the amount was understood where a unit was turned into another; '' where it is what was written. */
  readonly note: string;
  /** What could not be done as it was written; '' where all of it was. */
  readonly besides: string;
}
type Amount = Pick<Understood, 'change' | 'note'>;

/** A count in the movement's unit as whole cycles, with its range where one was written. */
function counted(movement: Movement, { value, least, most }: WrittenAmount, each: number): Partial<MovementItem> {
  const as = (written: number) => wholeCycles(movement, written * each);
  const range = least === null || most === null ? null : { least: as(least), most: as(most) };
  const count = as(value);
  return range && range.least < range.most
    ? { count: clamp(count, { min: range.least, max: range.most }), range }
    : { count };
}

/** A line that ends by the clock; of a range of times it is the middle, and the range is kept in its note. */
const byTheClock = ({ value, least, most }: WrittenAmount): Partial<MovementItem> => ({
  ends: { by: 'clock', seconds: clamp(value, { min: 1, max: 7200 }) },
  ...(least === null || most === null ? {} : { note: `${minutes(least * 1000)} to ${minutes(most * 1000)}` }),
});

const UNIT_WORDS = { repetitions: 'times', breaths: 'breaths', beats: 'beats', seconds: 'seconds' } as const;

/** How many circles one cycle of a movement draws; 0 where it draws none. */
const circlesOf = ({ parts: { cycle } }: Movement): number =>
  sumBy(cycle, ({ overlays }) => Math.max(0, ...overlays.map((one) => (one.kind === 'loop' ? one.turns : 0))));

/** A number of circles, of a movement that is counted in beats. */
function inCircles(movement: Movement, amount: WrittenAmount, circles: number): Amount {
  const { unit } = movement.count;
  const whole = scaled(amount, 1 / circles);
  const change = counted(
    movement,
    { ...whole, value: Math.ceil(whole.value) },
    cycleAmount(movement.parts.cycle, unit),
  );
  return { change, note: `${amountWords(amount)} circles are ${change.count ?? 0} ${UNIT_WORDS[unit]}` };
}

/** A bare number that is too small for the movement's own unit: that many rounds of its usual count. */
function few(movement: Movement, { value }: WrittenAmount): Amount {
  const { unit, usual } = movement.count;
  return inRounds(value, `${usual} ${UNIT_WORDS[unit]}`, usual);
}

/** An amount as rounds of a count: whole ones, 20 at most. */
function inRounds(value: number, said: string, count: number): Amount {
  const rounds = clamp(Math.round(value), { min: 1, max: 20 });
  return { change: { count, rounds }, note: `${rounds} times ${said}` };
}

/** What a written amount means for a movement, the likeliest first; two where it could be meant either way. */
function amountOf(movement: Movement, amount: WrittenAmount): Amount[] {
  const { unit, least } = movement.count;
  const cycle = movement.parts.cycle;
  const own = UNIT_WORDS[unit];
  const taken = counted(movement, amount, 1);
  const isWhole = amount.least !== null || taken.count === amount.value;
  const plain: Amount = { change: taken, note: isWhole ? '' : `whole cycles: ${taken.count ?? 0} ${own}` };
  switch (amount.unit) {
    case null:
    case 'times': {
      const circles = unit === 'beats' ? circlesOf(movement) : 0;
      if (circles > 0) return [inCircles(movement, amount, circles)];
      if (amount.unit === 'times' && unit === 'seconds') return [few(movement, amount)];
      // Three neck tilts of fifteen seconds are three tilts, not three seconds.
      const isFew = (unit === 'seconds' || unit === 'beats') && amount.value < least && Number.isInteger(amount.value);
      if (isFew) return amount.unit === null ? [few(movement, amount), plain] : [few(movement, amount)];
      if (amount.unit === null || unit === 'repetitions' || unit === 'beats') return [plain];
      const one = cycleAmount(cycle, unit);
      const change = counted(movement, amount, one);
      return [{ change, note: one === 1 ? '' : `${amount.value} times are ${change.count ?? 0} ${own}` }];
    }
    case 'seconds':
      if (unit === 'seconds') return [plain];
      return [{ change: byTheClock(amount), note: `as many as fit into ${minutes(amount.value * 1000)}` }];
    case 'breaths': {
      if (unit === 'breaths') return [plain];
      const breaths = cycleAmount(cycle, 'breaths');
      if (breaths <= 0) return [{ ...plain, note: `it goes by ${own}, so ${amount.value} ${own}` }];
      const each = cycleAmount(cycle, unit) / breaths;
      const change = counted(movement, amount, each);
      return [{ change, note: `${amount.value} breaths are ${change.count ?? 0} ${own}` }];
    }
    case 'beats': {
      if (unit === 'beats') return [plain];
      const beats = cycleAmount(cycle, 'beats');
      if (beats <= 0) return [{ ...plain, note: `it goes by ${own}, so ${amount.value} ${own}` }];
      const change = counted(movement, amount, cycleAmount(cycle, unit) / beats);
      return [{ change, note: `${amount.value} beats are ${change.count ?? 0} ${own}` }];
    }
  }
}

/** An amount multiplied by a factor, with its range. */
const scaled = (amount: WrittenAmount, by: number): WrittenAmount => ({
  ...amount,
  value: amount.value * by,
  least: amount.least === null ? null : amount.least * by,
  most: amount.most === null ? null : amount.most * by,
});

/** An amount as the line counts it, and how it was understood; '' where it is what was written. */
interface Shared {
  readonly amount: WrittenAmount;
  readonly said: string;
}

/** Whether most of a cycle is one posture that is kept: a time that is written is then for each side. */
function isHeld({ parts: { cycle } }: Movement): boolean {
  const still = cycle.filter(({ length, to }) => length.kind !== 'span' && Object.keys(to).length === 0);
  return still.length > 0 && still.length >= cycle.length / 3;
}

/** A time by the clock is that of the whole line; one of a posture that is kept, or that is said to be for a side, is for each side. */
function sharedTime(movement: Movement, amount: WrittenAmount, line: WrittenMovement): Shared {
  const passes = passesOf(movement.laterality, { sides: line.sides, directions: line.oneWay ? 'one' : 'usual' });
  const sides = new Set(passes.map(({ side }) => side)).size;
  if (sides < 2 || amount.inAll || !(line.aSide || isHeld(movement))) return { amount, said: '' };
  const all = scaled(amount, sides);
  return { amount: all, said: `${minutes(amount.value * 1000)} a side` };
}

/** "6 in all" shared out over sides and directions; "6 a side" of what is done by turns is 12. */
function sharedOut(movement: Movement, amount: WrittenAmount, line: WrittenMovement): Shared {
  const { laterality, count } = movement;
  if (amount.unit === 'seconds' && count.unit !== 'seconds') return sharedTime(movement, amount, line);
  if (amount.inAll) {
    const passes = passesOf(laterality, { sides: line.sides, directions: line.oneWay ? 'one' : 'usual' });
    const each = scaled(amount, 1 / passes.length);
    const isWhole = amount.unit === 'seconds' || Number.isInteger(each.value);
    return { amount: each, said: isWhole ? '' : `${amountWords(amount)} in all don’t share out over ${passes.length}` };
  }
  const { sides } = laterality;
  const isHalf = sides.kind === 'alternating' && sides.repetition === 'one-side' && !line.sides.endsWith('-only');
  if (!line.aSide || !isHalf) return { amount, said: '' };
  const both = scaled(amount, 2);
  return { amount: both, said: `${amountWords(amount)} a side, ${amountWords(both)} in all` };
}

const amountWords = ({ value, least, most }: WrittenAmount): string =>
  least === null || most === null ? String(value) : `${least} to ${most}`;

/**
 * What a written line means for a movement, the likeliest first; two readings where it could be meant either way. No unit is changed
 * without a note that says so.
 */
export function understand(movement: Movement, line: WrittenMovement): Understood[] {
  // None of it is nothing to do: then its usual count is taken, and that is said.
  const isNone = line.amount !== null && line.amount.value <= 0;
  const shared = line.amount && !isNone ? sharedOut(movement, line.amount, line) : null;
  const readings: Amount[] = shared ? amountOf(movement, shared.amount) : [{ change: {}, note: '' }];
  const isAsked = line.sides !== 'usual' && !sidesOffered(movement.laterality).includes(line.sides);
  const otherwise: Partial<MovementItem> = {
    ...(line.rounds === null ? {} : { rounds: clamp(line.rounds, { max: 20 }) }),
    ...(isAsked ? {} : { sides: line.sides }),
    ...(line.oneWay && movement.laterality.directions.kind === 'both' ? { directions: 'one' as const } : {}),
    ...(line.ownBreath ? { ownBreath: true } : {}),
    ...(line.open ? { ends: { by: 'instructor' as const } } : {}),
  };
  const notes = [
    ...(isAsked ? [`it has no ${line.sides.replace('-', ' ')}`] : []),
    ...(line.rounds !== null && line.rounds > 20 ? ['20 rounds at most; more is a count'] : []),
    ...(isNone ? ['0 can’t be counted, so its usual count'] : []),
    ...(line.aSide && movement.laterality.sides.kind === 'even' ? ['both sides move alike'] : []),
  ];
  return readings.map(({ change, note }) => ({
    change: { ...change, ...otherwise, ...(change.rounds && line.rounds === null ? { rounds: change.rounds } : {}) },
    note: [shared?.said, note].filter(Boolean).join(', '),
    besides: notes.join('; '),
  }));
}
