/**
 * The lengths of a body in metres, all from its height.
 * Segment ratios after Drillis and Contini as tabled in Winter, Biomechanics and Motor Control of Human Movement; the
 * distance between the hip joints (0.100 H) is a convention.
 */
export interface BodySize {
  readonly height: number;
  readonly thigh: number;
  readonly shank: number;
  readonly ankle: number;
  readonly footLength: number;
  readonly footBreadth: number;
  readonly trunk: number;
  readonly headAndNeck: number;
  readonly upperArm: number;
  readonly forearm: number;
  readonly hand: number;
  readonly shoulders: number;
  readonly hipJoints: number;
  /** Shoulder to wrist. */
  readonly arm: number;
  /** Hip to ankle with the knee straight. */
  readonly leg: number;
}

/** The height that stance placements are written for, in metres. */
export const USUAL_HEIGHT = 1.68;

/** A body of a height in metres. `bodySize(1.68).arm` is 0.55776. */
export const bodySize = (height: number): BodySize => ({
  height,
  thigh: 0.245 * height,
  shank: 0.246 * height,
  ankle: 0.039 * height,
  footLength: 0.152 * height,
  footBreadth: 0.055 * height,
  trunk: 0.288 * height,
  headAndNeck: 0.182 * height,
  upperArm: 0.186 * height,
  forearm: 0.146 * height,
  hand: 0.108 * height,
  shoulders: 0.259 * height,
  hipJoints: 0.1 * height,
  arm: 0.332 * height,
  leg: 0.491 * height,
});

export const USUAL_BODY: BodySize = bodySize(USUAL_HEIGHT);

/** Shares of body mass, and where along the segment from its upper end its mass lies (Winter, table 4.1). */
export const MASS = {
  foot: { share: 0.0145, at: 0.5 },
  shank: { share: 0.0465, at: 0.433 },
  thigh: { share: 0.1, at: 0.433 },
  trunk: { share: 0.497, at: 0.5 },
  headAndNeck: { share: 0.081, at: 0.5 },
  upperArm: { share: 0.028, at: 0.436 },
  forearm: { share: 0.016, at: 0.43 },
  hand: { share: 0.006, at: 0.506 },
} as const;

/** Hip to ankle in metres with the knee bent by so many degrees: the third side of the leg's triangle. */
export const legLength = ({ thigh, shank }: BodySize, bend: number): number =>
  Math.sqrt(thigh * thigh + shank * shank + 2 * thigh * shank * Math.cos((bend * Math.PI) / 180));

/** The knee's bend in degrees that makes a leg this long; 0 where it would have to be longer than it is. */
export function bendFor({ thigh, shank }: BodySize, length: number): number {
  const cosine = (length * length - thigh * thigh - shank * shank) / (2 * thigh * shank);
  return (Math.acos(Math.min(1, Math.max(-1, cosine))) * 180) / Math.PI;
}
