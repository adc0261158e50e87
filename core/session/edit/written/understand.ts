import { clamp, sumBy } from 'remeda';
import { cycleAmount } from '../../../movement/schema/cycleAmount';
import type { Movement } from '../../../movement/schema/movement';
import { passesOf, sidesOffered } from '../../../movement/schema/pass';
import { minutes } from '../../../words/clockWords';
import type { MovementItem } from '../../plan/session';
import type { WrittenAmount } from './readAmount';
import type { WrittenLine } from './readLine';

/** One way of understanding how much was written of a movement: what the line then says. */
export interface Understood {
  readonly change: Partial<MovementItem>;
  /** How the amount was understood where a unit was turned into another; '' where it is what was written. */
  readonly note: string;
  /** What could not be done as it was written; '' where all of it was. */
  readonly besides: string;
}
type Amount = Pick<Understood, 'change' | 'note'>;

type Written = Extract<WrittenLine, { kind: 'movement' }>;

/** How many whole cycles make an amount, at least one; in the movement's own unit. */
function inCycles(movement: Movement, cycles: number): number {
  const amount = cycleAmount(movement.parts.cycle, movement.count.unit);
  return amount * Math.max(1, Math.round(cycles));
}

/** A count in the movement's unit as whole cycles, with its range where one was written. */
function counted(movement: Movement, { value, least, most }: WrittenAmount, each: number): Partial<MovementItem> {
  const amount = cycleAmount(movement.parts.cycle, movement.count.unit);
  const as = (written: number) => clamp(inCycles(movement, (written * each) / amount), { max: 3600 });
  const range = least === null || most === null ? null : { least: as(least), most: as(most) };
  const count = as(value);
  return range && range.least < range.most
    ? { count: clamp(count, { min: range.least, max: range.most }), range }
    : { count };
}

const byTheClock = (value: number): Partial<MovementItem> => ({
  ends: { by: 'clock', seconds: clamp(value, { min: 1, max: 7200 }) },
});

const UNIT_WORDS = { repetitions: 'times', breaths: 'breaths', beats: 'beats', seconds: 'seconds' } as const;

/** How many circles one cycle of a movement draws; 0 where it draws none. */
const circlesOf = ({ parts: { cycle } }: Movement): number =>
  sumBy(cycle, ({ overlays }) => Math.max(0, ...overlays.map((one) => (one.kind === 'loop' ? one.turns : 0))));

/** A bare number that is too small for the movement's own unit: so many circles, or so many times its usual count. */
function few(movement: Movement, { value }: WrittenAmount): Amount {
  const { unit, usual } = movement.count;
  const circles = unit === 'beats' ? circlesOf(movement) : 0;
  if (circles > 0) {
    const count = inCycles(movement, Math.ceil(value / circles));
    return { change: { count }, note: `${value} circles are ${count} beats` };
  }
  const rounds = clamp(value, { max: 20 });
  return { change: { count: usual, rounds }, note: `${value} times ${usual} ${UNIT_WORDS[unit]}` };
}

/** What a written amount means for a movement, the likeliest first; two where it could be meant either way. */
function amountOf(movement: Movement, amount: WrittenAmount): Amount[] {
  const { unit, least, usual } = movement.count;
  const cycle = movement.parts.cycle;
  const own = UNIT_WORDS[unit];
  const taken = counted(movement, amount, 1);
  const isWhole = amount.least !== null || taken.count === amount.value;
  const plain: Amount = { change: taken, note: isWhole ? '' : `whole cycles: ${taken.count ?? 0} ${own}` };
  switch (amount.unit) {
    case null: {
      // Three neck tilts of fifteen seconds are three tilts, not three seconds; three ankle circles are not three beats.
      const isFew = (unit === 'seconds' || unit === 'beats') && amount.value < least && Number.isInteger(amount.value);
      if (!isFew) return [plain];
      return [few(movement, amount), plain];
    }
    case 'seconds':
      if (unit === 'seconds') return [plain];
      return [
        {
          change: byTheClock(amount.value),
          note: `as many as fit into ${minutes(amount.value * 1000)}`,
        },
      ];
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
    case 'times': {
      if (unit === 'repetitions') return [plain];
      const one = cycleAmount(cycle, unit);
      // A hold is done so many times; a swing of one beat is counted.
      if (unit === 'seconds' || usual / one <= 1)
        return [
          {
            change: { count: usual, rounds: clamp(amount.value, { max: 20 }) },
            note: `${amount.value} times ${usual} ${own}`,
          },
        ];
      const change = counted(movement, amount, one);
      return [{ change, note: one === 1 ? '' : `${amount.value} times are ${change.count ?? 0} ${own}` }];
    }
  }
}

/** "6 in all" shared out over sides and directions. */
function sharedOut(movement: Movement, amount: WrittenAmount, line: Written): WrittenAmount {
  if (!amount.inAll) return amount;
  const passes = passesOf(movement.laterality, { sides: line.sides, directions: line.oneWay ? 'one' : 'usual' });
  return {
    ...amount,
    value: amount.value / passes.length,
    least: amount.least && amount.least / passes.length,
    most: amount.most && amount.most / passes.length,
  };
}

/**
 * What a written line means for a movement, the likeliest first; two readings where it could be meant either way. No unit is changed
 * without a note that says so.
 */
export function understand(movement: Movement, line: Written): Understood[] {
  const amount = line.amount && sharedOut(movement, line.amount, line);
  const readings: Amount[] = amount ? amountOf(movement, amount) : [{ change: {}, note: '' }];
  const isAsked = line.sides !== 'usual' && !sidesOffered(movement.laterality).includes(line.sides);
  const shared: Partial<MovementItem> = {
    ...(line.rounds === null ? {} : { rounds: clamp(line.rounds, { max: 20 }) }),
    ...(isAsked ? {} : { sides: line.sides }),
    ...(line.oneWay && movement.laterality.directions.kind === 'both' ? { directions: 'one' as const } : {}),
    ...(line.ownBreath ? { ownBreath: true } : {}),
    ...(line.open ? { ends: { by: 'instructor' as const } } : {}),
  };
  const notes = [
    ...(isAsked ? [`it has no ${line.sides.replace('-', ' ')}`] : []),
    ...(line.rounds !== null && line.rounds > 20 ? ['20 rounds at most; more is a count'] : []),
  ];
  return readings.map(({ change, note }) => ({
    change: { ...change, ...shared, ...(change.rounds && line.rounds === null ? { rounds: change.rounds } : {}) },
    note,
    besides: notes.join('; '),
  }));
}
