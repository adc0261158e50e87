/** Chance that comes out the same for the same seed, evenly from 0 to 1; neighbouring seeds have nothing in common. */
export function chance(seed: number): () => number {
  let state = Math.imul(seed, 0x9e3779b1);
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return (((mixed ^ (mixed >>> 14)) >>> 0) + 0.5) / 4294967296;
  };
}

/** Numbers that scatter normally about 0 by 1, out of chance, by Box and Muller. */
export const scattered = (next: () => number) => (): number =>
  Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
