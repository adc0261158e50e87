/** Every threshold of every check, in one table. Conventions of this product; seconds unless said otherwise. */
export const THRESHOLDS = {
  /** A class may run over its slot by this much before it is called over. */
  slotOver: 60,
  /** A class may leave this much of its slot empty before it is called under. */
  slotUnder: 180,
} as const;
