import { type Frame, outwardOf, toRoom } from '../geometry/frame';
import { add, along, cross, radians, scale, subtract, unit, type Vec } from '../geometry/vector';
import type { HandPose, Pose } from '../standing/pose';
import type { Palm } from '../written/hand';
import { otherSide, type Side } from '../written/side';
import { bentTowards, limb } from './limb';
import { siteInRoom } from './siteInRoom';
import type { Armless, PlacedArm } from './upperBody';

function palmNormal(palm: Palm, chest: Frame, outward: Vec): Vec {
  switch (palm) {
    case 'down':
      return scale(chest.up, -1);
    case 'up':
      return chest.up;
    case 'front':
      return chest.forward;
    case 'back':
      return scale(chest.forward, -1);
    case 'in':
      return scale(outward, -1);
    case 'out':
      return outward;
  }
}

const shoulderOf = (pose: Pose, body: Armless, side: Side, outward: Vec): Vec => {
  const { lift, forward } = pose.shoulders[side];
  const unitLength = body.size.height / 100;
  const level = along(body.spine[3], outward, body.size.shoulders / 2);
  return along(along(level, body.chestFrame.up, lift * unitLength), body.chestFrame.forward, forward * unitLength);
};

function placeArm(pose: Pose, body: Armless, side: Side, other: PlacedArm | null): PlacedArm {
  const { size, chestFrame } = body;
  const outward = outwardOf(chestFrame, side);
  const sideFrame: Frame = { right: outward, forward: chestFrame.forward, up: chestFrame.up };
  const shoulder = shoulderOf(pose, body, side, outward);
  const hand: HandPose = pose.hands[side];
  const free = along(shoulder, toRoom(sideFrame, hand.at), size.arm);
  const target = hand.rests === null ? free : (siteInRoom(hand.rests, side, body, other) ?? free);
  const pole = toRoom(sideFrame, [0.25 + hand.elbow, -0.3 * (1 - hand.elbow * 0.5), -(1.05 - hand.elbow)]);
  const { middle, end, short } = limb(shoulder, target, size.upperArm, size.forearm, pole, chestFrame.forward);
  const reach = unit(subtract(end, middle), [0, 0, -1]);
  const palm = palmNormal(hand.palm, chestFrame, outward);
  const bent = bentTowards(reach, scale(palm, -1), radians(hand.wrist), chestFrame.forward);
  const thumb = scale(cross(palm, bent), side === 'right' ? -1 : 1);
  const fingers = hand.sway === 0 ? bent : bentTowards(bent, thumb, radians(hand.sway), chestFrame.forward);
  // A fist and a hook end sooner than an open hand; the bones keep their length.
  return {
    shoulder,
    elbow: middle,
    wrist: end,
    tip: add(end, scale(fingers, size.hand)),
    wanted: target,
    short: Math.abs(short),
  };
}

const leansOnArm = (pose: Pose, side: Side): boolean => pose.hands[side].rests?.startsWith('other-') ?? false;

/** Both arms. A hand that rests on the other arm is laid after it; two that rest on each other are laid where they point. */
export function placeArms(pose: Pose, body: Armless): Record<Side, PlacedArm> {
  const first: Side = leansOnArm(pose, 'left') ? 'right' : 'left';
  const one = placeArm(pose, body, first, null);
  const two = placeArm(pose, body, otherSide(first), leansOnArm(pose, first) ? null : one);
  return first === 'left' ? { left: one, right: two } : { left: two, right: one };
}
