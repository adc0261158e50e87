/**
 * What a body of usual build can do, degrees unless said otherwise. Joint ranges are rounded from the usual clinical
 * tables for adults; the tolerances are conventions.
 */
export const BODY_LIMITS = {
  /** Shank forward over the foot (dorsiflexion, knee bent). */
  ankle: 35,
  knee: 145,
  elbow: 160,
  /** A planted foot turned out or in against the pelvis. */
  hipOut: 75,
  hipIn: 45,
  /** A leg may be drawn this much too short before it is said, metres. */
  legShort: 0.01,
  /** A hand may miss its point by this much, metres: shapes are written for a usual build. */
  handShort: 0.02,
  /** A hand resting on the body may miss by this much, metres: the trunk gives. */
  restShort: 0.05,
  /** The pressure under the seat may lie this far from its middle, metres. */
  offSeat: 0.2,
} as const;
