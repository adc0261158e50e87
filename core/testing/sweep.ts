import { seeded } from '../course/weave/graph/seeded';

declare global {
  /** Set by the run of tests: whether everything is gone through, or a sample. */
  var VESPERUM_SWEEP: boolean | undefined;
}

export const isSweep = globalThis.VESPERUM_SWEEP === true;

/** How often something is tried: `many` times in the sweep, `few` times in every run of the tests. */
export const times = (many: number, few: number): number => (isSweep ? many : few);

/**
 * What is gone through: everything in the sweep, in every run of the tests a sample, the same each time and in the same order.
 * @param few how many are in the sample
 */
export function sampled<Thing>(all: readonly Thing[], few: number, seed = 1): readonly Thing[] {
  if (isSweep || few >= all.length) return all;
  const random = seeded(seed);
  const places = all.map((_, place) => ({ place, draw: random() })).toSorted((a, b) => a.draw - b.draw);
  const taken = new Set(places.slice(0, few).map(({ place }) => place));
  return all.filter((_, place) => taken.has(place));
}
