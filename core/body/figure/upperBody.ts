import type { Frame } from '../geometry/frame';
import type { Vec } from '../geometry/vector';
import type { BodySize } from '../standing/bodySize';
import type { Side } from '../written/side';
import type { PlacedLeg } from './placeLeg';

export interface PlacedArm {
  readonly shoulder: Vec;
  readonly elbow: Vec;
  readonly wrist: Vec;
  readonly tip: Vec;
  /** Where the wrist was wanted. */
  readonly wanted: Vec;
  /** How far the wrist stays from where it was wanted, metres; 0 where it reaches. */
  readonly short: number;
}

/** What of the body stands before its arms are laid. */
export interface Armless {
  readonly size: BodySize;
  readonly pelvis: Vec;
  readonly spine: readonly [Vec, Vec, Vec, Vec];
  readonly head: Vec;
  readonly pelvisFrame: Frame;
  readonly chestFrame: Frame;
  readonly headFrame: Frame;
  /** Null where no hand holds on to them, and they are not laid yet. */
  readonly legs: Readonly<Record<Side, PlacedLeg>> | null;
}
