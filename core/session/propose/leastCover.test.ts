import { fc } from '../../testing/properties';
import { times } from '../../testing/sweep';
import { leastCover, type Priced } from './leastCover';

interface Patch extends Priced {
  readonly covers: readonly number[];
}
const NEEDS = 6;

/** What is left of some needs, when patches add up. */
const openOf = (chosen: readonly Patch[]): number =>
  Array.from({ length: NEEDS }, (_, need) =>
    Math.max(0, 1 - chosen.reduce((sum, { covers }) => sum + (covers[need] ?? 0), 0)),
  ).reduce((sum, left) => sum + (left > 1e-9 ? left : 0), 0);
const priceOf = (chosen: readonly Patch[]) => chosen.reduce((sum, { price }) => sum + price, 0);

/** The cheapest of all choices there are; null where none closes everything. */
function exhaustive(patches: readonly Patch[]): number | null {
  let best: number | null = null;
  for (let mask = 0; mask < 2 ** patches.length; mask += 1) {
    const chosen = patches.filter((_, place) => (mask >> place) % 2 === 1);
    if (openOf(chosen) === 0 && (best === null || priceOf(chosen) < best)) best = priceOf(chosen);
  }
  return best;
}

const patches = fc.array(
  fc.record({
    price: fc.integer({ min: 20, max: 120 }),
    covers: fc.array(fc.constantFrom(0, 0, 0, 0.5, 1), { minLength: NEEDS, maxLength: NEEDS }),
  }),
  { minLength: 4, maxLength: 10 },
);

test('what it chooses leaves nothing open, nothing of it can be spared, and it is only given up where nothing helps', () => {
  fc.assert(
    fc.property(patches, (offered) => {
      const { chosen, closed } = leastCover(offered, openOf);
      expect(closed).toBe(exhaustive(offered) !== null);
      if (!closed) return;
      expect(openOf(chosen)).toBe(0);
      for (const spared of chosen) expect(openOf(chosen.filter((one) => one !== spared))).toBeGreaterThan(0);
    }),
    { numRuns: times(1500, 150), seed: 11 },
  );
});

test('over many made-up needs it stays within a tenth of the cheapest on the whole, and hardly ever far from it', () => {
  const ratios: number[] = [];
  fc.assert(
    fc.property(patches, (offered) => {
      const best = exhaustive(offered);
      if (best !== null && best > 0) ratios.push(priceOf(leastCover(offered, openOf).chosen) / best);
    }),
    { numRuns: times(2000, 200), seed: 5 },
  );
  const sorted = ratios.toSorted((a, b) => a - b);
  expect(ratios.length).toBeGreaterThan(30);
  expect(ratios.reduce((sum, ratio) => sum + ratio, 0) / ratios.length).toBeLessThan(1.1);
  expect(sorted[Math.floor(sorted.length * 0.9)]).toBeLessThan(1.2);
});
