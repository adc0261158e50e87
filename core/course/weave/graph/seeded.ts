/**
 * Chance that comes out the same every time: numbers from 0 up to 1, evenly spread (a linear congruential walk, constants as usual).
 * @example seeded(7)() === seeded(7)() // true
 */
export function seeded(seed: number): () => number {
  let state = (seed * 2654435761) % 4294967296;
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return state / 4294967296;
  };
}
