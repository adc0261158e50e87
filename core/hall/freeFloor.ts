import { acrossAndDeep, type Hall, type Less, NOTHING_LESS } from './hall';

/** A stretch of floor, metres: x to the right and y to the front, as the class faces it, from the back left corner. */
export interface Floor {
  readonly left: number;
  readonly right: number;
  readonly back: number;
  readonly front: number;
}

/** The floor that is free for a class, and what of it is kept out of. */
export interface FreeFloor {
  readonly floor: Floor;
  readonly keptOut: readonly Floor[];
}

/** The instructor has so much of the floor along the front, metres. Convention. */
export const INSTRUCTORS = 1.5;

/** The free floor of a hall on an evening, the instructor's strip along the front taken off. Never less than none. */
export function freeFloor(hall: Hall, less: Less = NOTHING_LESS): FreeFloor {
  const { across, deep } = acrossAndDeep(hall);
  const left = Math.min(less.left, across);
  const back = Math.min(less.behind, deep);
  return {
    floor: {
      left,
      right: Math.max(left, across - less.right),
      back,
      front: Math.max(back, deep - less.front - INSTRUCTORS),
    },
    keptOut: hall.keepOuts.map(({ x, y, across: wide, deep: long }) => ({
      left: x,
      right: x + wide,
      back: y,
      front: y + long,
    })),
  };
}
