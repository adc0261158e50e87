/** The share of familiar minutes that is wished for: more where the group is gentle. Figures of good teachers. */
export const FAMILIAR = {
  gentle: { least: 0.85, most: 0.95 },
  steady: { least: 0.75, most: 0.9 },
  strong: { least: 0.75, most: 0.9 },
} as const;

/** All ways of taking one of each list. */
export const oneOfEach = <Piece>(lists: readonly (readonly Piece[])[]): Piece[][] =>
  lists.reduce<Piece[][]>((ways, list) => ways.flatMap((way) => list.map((one) => [...way, one])), [[]]);
