import type { HandPlacing } from '../written/armShape';
import type { Load } from '../written/load';
import { MIRRORED_GAZE, turnSigns } from '../written/mirror';
import type { Gaze, Posture } from '../written/posture';
import type { Side } from '../written/side';
import { type Feet, mirrorFoot } from '../written/stance';

/** A hand with its point in the frame of the chest; what it rests on moves with the body and wins over the point. */
export type HandPose = Omit<HandPlacing, 'hangs'>;

/**
 * A posture with nothing left by name: the feet stand at places of the room, in metres and degrees, and every channel is a
 * number. Small enough to keep by the thousand, and all that a figure needs to be drawn.
 */
export interface Pose {
  readonly feet: Feet;
  readonly load: Load;
  readonly sink: number;
  /** Degrees clockwise from the front of the room: the way the body is headed. */
  readonly heading: number;
  readonly turn: number;
  readonly rock: number;
  readonly spine: Posture['spine'];
  readonly head: Posture['head'];
  readonly hips: Posture['hips'];
  readonly shoulders: Posture['shoulders'];
  readonly hands: Readonly<Record<Side, HandPose>>;
  /** Where the middle of a chair's seat stands; null when there is none. */
  readonly seat: { readonly x: number; readonly y: number } | null;
  readonly gaze: Gaze;
  readonly eyes: Posture['eyes'];
  readonly firmness: number;
}

/** The mirror image of a pose, across the line through the middle of the room. Twice is exactly the identity. */
export const mirrorPose = (pose: Pose): Pose => ({
  ...turnSigns(pose, 'heading', 'turn'),
  feet: { left: mirrorFoot(pose.feet.right), right: mirrorFoot(pose.feet.left) },
  load: { left: pose.load.right, right: pose.load.left, seat: pose.load.seat },
  spine: turnSigns(pose.spine, 'bend'),
  head: turnSigns(pose.head, 'turn', 'tilt'),
  hips: turnSigns(pose.hips, 'turn', 'tilt', 'right'),
  shoulders: { left: pose.shoulders.right, right: pose.shoulders.left },
  hands: { left: pose.hands.right, right: pose.hands.left },
  seat: pose.seat === null ? null : turnSigns(pose.seat, 'x'),
  gaze: MIRRORED_GAZE[pose.gaze],
});

/** The pose carried to another place of the room: turned about the origin by degrees clockwise, then moved by metres. */
export function carryPose(pose: Pose, by: { readonly angle: number; readonly x: number; readonly y: number }): Pose {
  const turn = (by.angle * Math.PI) / 180;
  const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
  const carry = <Place extends { x: number; y: number }>(place: Place): Place => ({
    ...place,
    x: by.x + place.x * cos + place.y * sin,
    y: by.y - place.x * sin + place.y * cos,
  });
  const carryFoot = (foot: Feet[Side]) => ({ ...carry(foot), angle: foot.angle + by.angle });
  return {
    ...pose,
    heading: pose.heading + by.angle,
    feet: { left: carryFoot(pose.feet.left), right: carryFoot(pose.feet.right) },
    seat: pose.seat === null ? null : carry(pose.seat),
  };
}
