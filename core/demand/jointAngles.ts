import { bendOf } from '../body/figure/limb';
import type { Skeleton } from '../body/figure/skeleton';
import { fromRoom } from '../body/geometry/frame';
import { angleBetween, subtract, unit, type Vec } from '../body/geometry/vector';
import { ankleBend } from '../body/limits/bodyFinding';
import type { Pose } from '../body/standing/pose';
import { SIDES, type Side } from '../body/written/side';
import { numberAt } from '../numbers/numberAt';
import { channelIndex } from './channels';

interface SideAngles {
  /** Directions in the frame of what the limb hangs from. */
  readonly upperArm: Vec;
  readonly thigh: Vec;
  readonly elbow: number;
  readonly wrist: readonly [number, number];
  readonly knee: number;
  readonly ankle: number;
  readonly footAngle: number;
  readonly shoulder: readonly [number, number];
}

/** The angles of every joint, to tell how far each is moved between two moments. */
export interface JointAngles {
  readonly head: readonly [number, number, number];
  readonly spine: readonly [number, number, number, number];
  readonly hips: readonly [number, number];
  readonly sides: Readonly<Record<Side, SideAngles>>;
}

export function jointAngles({ pose, body }: { pose: Pose; body: Skeleton }): JointAngles {
  const side = (one: Side): SideAngles => {
    const { shoulder, elbow, wrist } = body.arms[one];
    const leg = body.legs[one];
    return {
      upperArm: unit(fromRoom(body.chestFrame, subtract(elbow, shoulder)), [0, 0, -1]),
      thigh: unit(fromRoom(body.pelvisFrame, subtract(leg.knee, leg.hip)), [0, 0, -1]),
      elbow: bendOf(shoulder, elbow, wrist),
      wrist: [pose.hands[one].wrist, pose.hands[one].sway],
      knee: leg.bend,
      ankle: ankleBend(pose, body, one),
      footAngle: pose.feet[one].angle - pose.heading,
      shoulder: [pose.shoulders[one].lift * 6, pose.shoulders[one].forward * 6],
    };
  };
  const { head, spine, hips, turn } = pose;
  return {
    head: [head.turn, head.nod, head.tilt],
    spine: [spine.hinge, spine.round, spine.bend, turn],
    hips: [hips.right * 150, hips.forward * 150],
    sides: { left: side('left'), right: side('right') },
  };
}

function apart(a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (let axis = 0; axis < a.length; axis += 1) {
    const by = numberAt(a, axis) - numberAt(b, axis);
    sum += by * by;
  }
  return Math.sqrt(sum);
}

/** How much of what each arm moves the upper back moves with it. Convention. */
const ARM_TO_BACK = 0.2;

/** Adds how far each channel is moved from one moment to the next, degrees, to `moved`. */
export function travelled(a: JointAngles, b: JointAngles, moved: number[]): void {
  const add = (region: Parameters<typeof channelIndex>[0], side: Side | null, degrees: number) => {
    const index = channelIndex(region, side);
    moved[index] = (moved[index] ?? 0) + degrees;
  };
  const spine = (axis: 0 | 1 | 2 | 3) => Math.abs(a.spine[axis] - b.spine[axis]);
  const [hinge, round, bend, turn] = [spine(0), spine(1), spine(2), spine(3)];
  const pelvis = apart(a.hips, b.hips);
  add('neck', null, apart(a.head, b.head));
  add('upper-back', null, round + turn + bend / 2);
  add('low-back', null, hinge + bend + turn / 2 + pelvis);
  for (const side of SIDES) {
    const [from, to] = [a.sides[side], b.sides[side]];
    const knee = Math.abs(from.knee - to.knee);
    const ankle = Math.sqrt((from.ankle - to.ankle) ** 2 + (from.footAngle - to.footAngle) ** 2);
    const arm = angleBetween(from.upperArm, to.upperArm) + apart(from.shoulder, to.shoulder);
    add('shoulders', side, arm);
    // The shoulder blades go with the arms.
    add('upper-back', null, ARM_TO_BACK * arm);
    add('elbows', side, Math.abs(from.elbow - to.elbow));
    add('wrists', side, apart(from.wrist, to.wrist));
    add('hips', side, angleBetween(from.thigh, to.thigh) + pelvis);
    add('thighs', side, knee);
    add('knees', side, knee);
    add('calves', side, ankle);
    add('ankles', side, ankle);
  }
}
