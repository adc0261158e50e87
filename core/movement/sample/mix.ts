/** The number a share of the way from one to another. `mix(10, 20, 0.25)` is 12.5. */
export const mix = (from: number, to: number, share: number): number => from + (to - from) * share;
