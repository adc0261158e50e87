import type { Pose } from '../../core/body/pose';
import { writtenSide } from '../../core/movement/cycleFor';
import type { Movement } from '../../core/movement/movement';
import { tellingMoment } from '../../core/movement/tellingMoment';
import type { Cue } from '../../core/session/cueSheet';
import type { Timeline } from '../../core/session/segment';
import type { Session } from '../../core/session/session';

/** Everything that is printed of a class. */
export interface PaperClass {
  readonly session: Session;
  readonly timeline: Timeline;
  readonly cues: readonly Cue[];
  /** Who it is for, and where; empty while it is nobody's. */
  readonly group: string;
  readonly place: string;
}

/** The pose that tells a movement best. */
export const tellingPose = (movement: Movement): Pose => tellingMoment(movement, writtenSide(movement)).pose;
