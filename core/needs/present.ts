import type { Comer } from './whoNeedsWhat';

/** What the hall has to hold on to. */
export interface Supports {
  /** How many chairs there are; null where that is not known. */
  readonly chairs: number | null;
  /** How many can stand by a wall to hold at once; null where that is not known. */
  readonly wall: number | null;
}

/** Who is to be expected in a class, as far as anything is written down for them, and what the hall has for them. */
export interface Present {
  readonly comers: readonly Comer[];
  readonly supports: Supports;
}

/** Nobody for whom anything is written down. */
export const NOBODY: Present = { comers: [], supports: { chairs: null, wall: null } };
