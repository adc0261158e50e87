/** The number with its sign turned, and never -0, so that mirroring twice is exactly the identity. */
export const mirrorNumber = (value: number): number => (value === 0 ? 0 : -value);
