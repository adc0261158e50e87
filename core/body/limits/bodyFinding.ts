import { bendOf } from '../figure/limb';
import { type Skeleton, skeletonOf } from '../figure/skeleton';
import { degrees, dot, subtract } from '../geometry/vector';
import { wrapAngle } from '../geometry/wrapAngle';
import { type Point, pressurePoint } from '../standing/foot';
import type { Pose } from '../standing/pose';
import { SIDES, type Side } from '../written/side';
import { BODY_LIMITS as LIMITS } from './bodyLimits';

export type BodyFault = 'leg-too-long' | 'ankle' | 'hand-out-of-reach' | 'hip' | 'knee' | 'elbow' | 'off-seat';

/** Something in a posture that a body of usual build cannot do. */
export interface BodyFinding {
  readonly code: BodyFault;
  readonly side: Side | null;
  /** How much it is: metres for lengths, degrees for angles. */
  readonly amount: number;
  /** The most it may be, in the same unit. */
  readonly limit: number;
  /** The sink in degrees at which it would be possible; null where no sink helps. */
  readonly sinkThatWorks: number | null;
}

/** How far the shank leans forward over its foot, degrees: 0 when square on the sole. */
export function ankleBend(pose: Pose, body: Skeleton, side: Side): number {
  const { knee, ankle, forward } = body.legs[side];
  const shank = subtract(knee, ankle);
  return degrees(Math.atan2(dot(shank, forward), shank[2])) + pose.feet[side].pitch;
}

/** How far a foot is turned out against the pelvis, degrees; negative is turned in. */
export const hipTurn = (pose: Pose, side: Side): number =>
  wrapAngle(pose.feet[side].angle - pose.heading - pose.hips.turn) * (side === 'right' ? 1 : -1);

/** Where the seat's share of the weight acts: what is left when the feet have taken theirs. */
function seatPressure(pose: Pose, body: Skeleton): Point {
  let [x, y] = [body.centreOfMass[0] * 100, body.centreOfMass[1] * 100];
  for (const side of SIDES) {
    const [px, py] = pressurePoint(pose.feet[side], pose.rock, body.size);
    x -= pose.load[side] * px;
    y -= pose.load[side] * py;
  }
  return [x / pose.load.seat, y / pose.load.seat];
}

function faultsOf(pose: Pose, body: Skeleton): Omit<BodyFinding, 'sinkThatWorks'>[] {
  const faults: Omit<BodyFinding, 'sinkThatWorks'>[] = [];
  const over = (code: BodyFault, side: Side | null, amount: number, limit: number) => {
    if (amount > limit) faults.push({ code, side, amount, limit });
  };
  for (const side of SIDES) {
    const leg = body.legs[side];
    const arm = body.arms[side];
    const foot = pose.feet[side];
    over('leg-too-long', side, leg.short, LIMITS.legShort);
    if (foot.contact !== 'off') over('ankle', side, ankleBend(pose, body, side), LIMITS.ankle);
    over('knee', side, leg.bend, LIMITS.knee);
    over('hand-out-of-reach', side, arm.short, pose.hands[side].rests === null ? LIMITS.handShort : LIMITS.restShort);
    over('elbow', side, bendOf(arm.shoulder, arm.elbow, arm.wrist), LIMITS.elbow);
    const turnOut = hipTurn(pose, side);
    if (foot.contact !== 'off') {
      over('hip', side, turnOut, LIMITS.hipOut);
      over('hip', side, -turnOut, LIMITS.hipIn);
    }
  }
  if (pose.seat) {
    const [x, y] = seatPressure(pose, body);
    over('off-seat', null, Math.hypot(x - pose.seat.x, y - pose.seat.y), LIMITS.offSeat);
  }
  return faults;
}

const has = (pose: Pose, sink: number, { code, side }: { code: BodyFault; side: Side | null }): boolean => {
  const bent = { ...pose, sink };
  return faultsOf(bent, skeletonOf(bent)).some((fault) => fault.code === code && fault.side === side);
};

/** The nearest sink, in whole degrees, at which a fault is gone. */
function sinkWithout(pose: Pose, fault: { code: BodyFault; side: Side | null }): number | null {
  if (pose.seat) return null;
  for (let away = 1; away <= 110; away += 1) {
    for (const sink of [Math.round(pose.sink) + away, Math.round(pose.sink) - away])
      if (sink >= 0 && sink <= 110 && !has(pose, sink, fault)) return sink;
  }
  return null;
}

/** Everything in a pose that a body of usual build cannot do, with the sink that would work. Nothing for a sound pose. */
export function bodyFindings(pose: Pose, body: Skeleton = skeletonOf(pose)): BodyFinding[] {
  return faultsOf(pose, body).map((fault) => ({
    ...fault,
    sinkThatWorks: fault.code === 'leg-too-long' || fault.code === 'ankle' ? sinkWithout(pose, fault) : null,
  }));
}
