import { Region } from '../../body/written/region';
import { cycleDemand } from '../../demand/movementDemand';
import type { Movement } from '../../movement/schema/movement';
import { warmingOf } from '../../traits/warmingOf';

/** What a class is for. */
export const AIMS = ['whole', 'legs', 'shoulders', 'balance', 'calm'] as const;
export type Aim = (typeof AIMS)[number];

export const AIM_WORDS: Readonly<Record<Aim, string>> = {
  whole: 'The whole body',
  legs: 'Legs and rooting',
  shoulders: 'Shoulders and upper back',
  balance: 'Balance',
  calm: 'Breath and calm',
};

/** The most a movement asks of balance at any moment, 0 to 1. */
export const balanceOf = (movement: Movement): number =>
  Math.max(0, ...cycleDemand(movement).flatMap(({ pieces }) => pieces.map(({ balance }) => balance)));

/** How well a movement serves an aim, 0 to about 1. Conventions: they only order what is proposed. */
export function serves(movement: Movement, aim: Aim): number {
  const warming = warmingOf(movement);
  const led = movement.parts.cycle.some(({ length }) => length.kind === 'span') ? 1 : 0;
  switch (aim) {
    case 'whole':
      return Region.options.filter((region) => warming[region].mobilised > 0.2).length / Region.options.length;
    case 'legs':
      return Math.min(1, (warming.thighs.peak + warming.hips.peak) / 1.2);
    case 'shoulders':
      return Math.min(1, (warming.shoulders.peak + warming['upper-back'].mobilised) / 1.4);
    case 'balance':
      return balanceOf(movement);
    case 'calm':
      return Math.max(0, 0.3 + 0.7 * led - 0.5 * warming.thighs.peak - 0.4 * warming.shoulders.peak);
  }
}

/** How much a movement asks of the legs: what asks most stands in the middle of a main part. */
export const effortOf = (movement: Movement): number => {
  const warming = warmingOf(movement);
  return Math.max(warming.thighs.peak, warming.hips.peak, 0.7 * warming.shoulders.peak);
};
