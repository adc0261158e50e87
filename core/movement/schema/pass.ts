import { otherSide, type Side } from '../../body/written/side';
import type { Laterality } from './laterality';

/** What an item does with the sides and directions its movement offers. */
export interface LateralityChoice {
  readonly sides: 'usual' | 'left-first' | 'right-first' | 'left-only' | 'right-only';
  readonly directions: 'usual' | 'one';
}

type SidesChoice = LateralityChoice['sides'];

const EITHER_FIRST: readonly SidesChoice[] = ['usual', 'left-first', 'right-first'];

/**
 * The ways of taking the sides that make a difference: an even movement has none to choose, and only one done on each
 * side in turn can leave a side out.
 */
export function sidesOffered({ sides }: Laterality): readonly SidesChoice[] {
  if (sides.kind === 'even') return ['usual'];
  return sides.kind === 'each-side' ? [...EITHER_FIRST, 'left-only', 'right-only'] : EITHER_FIRST;
}

export type PassSide = Side | 'both' | 'alternating' | 'chosen';

/** One side or direction of a movement. `direction` is null where the movement has only one. */
export interface Pass {
  readonly side: PassSide;
  readonly direction: 'first' | 'reversed' | null;
}

type Sides = readonly [PassSide, ...PassSide[]];

function sidesOf({ sides }: Laterality, choice: SidesChoice): Sides {
  switch (sides.kind) {
    case 'even':
      return ['both'];
    case 'alternating':
      if (choice === 'left-only') return ['left'];
      return [choice === 'right-only' ? 'right' : 'alternating'];
    case 'either':
      return ['chosen'];
    case 'each-side':
      if (choice === 'left-only') return ['left'];
      if (choice === 'right-only') return ['right'];
      return [firstSide(sides.first, choice), otherSide(firstSide(sides.first, choice))];
  }
}

/** The side an item begins on, from the movement's own first side and the item's choice. */
export function firstSide(usual: Side, choice: LateralityChoice['sides']): Side {
  if (choice === 'usual') return usual;
  return choice === 'left-first' || choice === 'left-only' ? 'left' : 'right';
}

/** Whether a movement by turns is done on one side only, as in a chain: then each turn of its count on that side alone. */
export const isHalfOfTurns = ({ sides }: Laterality, choice: Pick<LateralityChoice, 'sides'>): boolean =>
  sides.kind === 'alternating' && sides.repetition === 'one-side' && choice.sides.endsWith('-only');

/** The passes of a line; there is always one. */
export type Passes = readonly [Pass, ...Pass[]];

/**
 * The passes of an item in order: for each side, each direction.
 * Ankle circles (each side, both directions) have four: left there, left back, right there, right back.
 */
export function passesOf(laterality: Laterality, choice: LateralityChoice): Passes {
  const [first, ...others] = sidesOf(laterality, choice.sides);
  const oneWay = (side: PassSide, direction: Pass['direction']): Pass => ({ side, direction });
  const isOneWay = laterality.directions.kind === 'one';
  const back = !isOneWay && choice.directions !== 'one' ? (['reversed'] as const) : [];
  const passesOn = (side: PassSide): Passes => [
    oneWay(side, isOneWay ? null : 'first'),
    ...back.map((direction) => oneWay(side, direction)),
  ];
  const [opening, ...more] = passesOn(first);
  return [opening, ...more, ...others.flatMap((side) => [...passesOn(side)])];
}
