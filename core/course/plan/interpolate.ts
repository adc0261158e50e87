/** What lies between two figures, at a share of the way from 0 to 1, to the hundredth. */
export const interpolate = (from: number, to: number, share: number): number =>
  Math.round((from + (to - from) * share) * 100) / 100;
