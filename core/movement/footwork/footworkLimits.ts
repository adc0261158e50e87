/** What feet may do, in one place. Percent of body weight, degrees, seconds, metres; conventions drawn from common teaching. */
export const FOOTWORK_LIMITS = {
  /** Turning a foot that bears more than this is a weighted turn. */
  weightedPivot: 40,
  /** A foot set straight by no more than this while weighted is no turn. */
  setStraight: 15,
  /** A foot turned further than this while weighted twists the knee. */
  kneeTwist: 30,
  /** A foot that bears more than this is flat: it neither rolls nor stays on its ball, heel or edge. */
  notFlat: 60,
  /** The shortest time a foot may be in the air. */
  flight: 0.4,
  /** How far the head may rise or sink through a step where it is kept level, metres. */
  headHeight: 0.06,
  /** How fast weight may move while stepping, and in a swing, percent a second. */
  shiftStepping: 67,
  shiftSwinging: 150,
  /** Part of a step the pelvis follows before the weight does, and part the stepping leg has to span. */
  spanned: 0.8,
  /** What turning the pelvis adds to a step at most, in body heights at 90 degrees, and up to which turn. */
  pelvisTurn: 0.1,
  pelvisTurnMost: 30,
  /** What the foot itself adds, and a step with the heel first. */
  footReach: 0.03,
  heelFirst: 0.1,
  /** A step this much over its reach is an error rather than a warning. */
  reachError: 1.25,
} as const;
