import { carryPose, type Pose } from '../../body/standing/pose';
import { rememberBy } from '../../remember/rememberBy';

/** A pose with the whole body turned so many degrees clockwise from the front; the same pose always answers the same. */
export const facedPose = (pose: Pose, facing: number): Pose => (facing === 0 ? pose : keptFaced(pose, facing));

const keptFaced = rememberBy(
  (pose: Pose, angle: number) => carryPose(pose, { angle, x: 0, y: 0 }),
  (angle) => angle,
);
