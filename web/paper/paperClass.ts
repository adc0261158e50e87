import type { Pose } from '../../core/body/standing/pose';
import type { Hall } from '../../core/hall/hall';
import { tellingMoment } from '../../core/movement/sample/tellingMoment';
import type { Movement } from '../../core/movement/schema/movement';
import { writtenSide } from '../../core/movement/walk/cycleFor';
import type { Session } from '../../core/session/plan/session';
import type { Cue } from '../../core/session/report/cueSheet';
import type { Timeline } from '../../core/session/timeline/segment';

/** Everything that is printed of a class. */
export interface PaperClass {
  readonly session: Session;
  readonly timeline: Timeline;
  readonly cues: readonly Cue[];
  /** Who it is for, and where; empty while it is nobody's. */
  readonly group: string;
  readonly place: string;
  readonly hall: Hall | null;
  /** How many take which way through a line, in words and without names, by the line's id. */
  readonly ways: ReadonlyMap<string, string>;
}

/** The pose that tells a movement best. */
export const tellingPose = (movement: Movement): Pose => tellingMoment(movement, writtenSide(movement)).pose;
