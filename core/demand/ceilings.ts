import type { Region } from '../body/written/region';

/** How much a group is asked: gentle, steady or strong. */
export const STRENGTHS = ['gentle', 'steady', 'strong'] as const;
export type Strength = (typeof STRENGTHS)[number];

export interface Ceiling {
  readonly fast: number;
  readonly slow: number;
}

const three = (
  ...of: [gentle: [number, number], steady: [number, number], strong: [number, number]]
): Readonly<Record<Strength, Ceiling>> => ({
  gentle: { fast: of[0][0], slow: of[0][1] },
  steady: { fast: of[1][0], slow: of[1][1] },
  strong: { fast: of[2][0], slow: of[2][1] },
});

/**
 * The strain (F / tau) a region should stay under, for the fast and the slow compartment. Conventions. Thighs come from
 * trials of whole classes. Shoulders are set so that five minutes of arms round at the chest pass for a steady group and a
 * quarter of an hour of chained overhead pieces is a little over; the others in proportion, until classes that were taught
 * say better.
 */
export const CEILINGS: Readonly<Record<Region, Readonly<Record<Strength, Ceiling>>>> = {
  neck: three([0.3, 0.15], [0.4, 0.2], [0.5, 0.3]),
  shoulders: three([0.74, 0.46], [0.78, 0.5], [0.9, 0.62]),
  elbows: three([0.48, 0.34], [0.56, 0.42], [0.66, 0.5]),
  wrists: three([0.4, 0.25], [0.5, 0.32], [0.6, 0.4]),
  'upper-back': three([0.45, 0.3], [0.55, 0.38], [0.65, 0.46]),
  'low-back': three([0.3, 0.15], [0.42, 0.22], [0.55, 0.32]),
  hips: three([0.3, 0.16], [0.4, 0.24], [0.52, 0.34]),
  thighs: three([0.2, 0.12], [0.3, 0.22], [0.42, 0.32]),
  knees: three([0.42, 0.28], [0.55, 0.4], [0.7, 0.52]),
  calves: three([0.26, 0.16], [0.36, 0.22], [0.5, 0.32]),
  ankles: three([0.42, 0.28], [0.54, 0.37], [0.68, 0.49]),
};
