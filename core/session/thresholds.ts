/** Every threshold of every check, in one table. Conventions of this product; seconds unless said otherwise. */
export const THRESHOLDS = {
  /** A class may run over its slot by this much before it is called over. */
  slotOver: 60,
  /** A class may leave this much of its slot empty before it is called under. */
  slotUnder: 180,
  /** Hands overhead in one stretch. */
  overheadWarn: 60,
  overheadStop: 120,
  /** On one leg in one stretch. */
  oneLegWarn: 45,
  oneLegStop: 90,
  oneLegGentleWarn: 20,
  oneLegGentleStop: 45,
  /** The head below the hips in one stretch; twice that is too long. */
  headLow: 15,
  /** Strain in percent of the group's ceiling. */
  strainWarn: 100,
  strainStop: 125,
  /** How much more than readiness allows, over how long: index-seconds. Three times that is a warning. */
  readinessGap: 0.8,
  /** A cool-down lasts at least this long, and this share of the slot. */
  coolDownLeast: 180,
  coolDownShare: 0.1,
} as const;
