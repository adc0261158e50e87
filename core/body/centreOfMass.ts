import { MASS } from './bodySize';
import type { Armless, LaidArm } from './layArm';
import { SIDES, type Side } from './side';
import { between, type Vec } from './vector';

/** The centre of mass of a whole body, metres: every segment's mass where it lies along the segment. */
export function centreOfMass(body: Omit<Armless, 'head'> & { crown: Vec }, arms: Readonly<Record<Side, LaidArm>>): Vec {
  let [x, y, z] = [0, 0, 0];
  const weigh = ({ share, at }: { share: number; at: number }, from: Vec, to: Vec) => {
    const [px, py, pz] = between(from, to, at);
    x += share * px;
    y += share * py;
    z += share * pz;
  };
  // Each of the trunk's bones carries a third of its mass.
  const [pelvis, low, high, neck] = body.spine;
  const bone = { share: MASS.trunk.share / 3, at: MASS.trunk.at };
  weigh(bone, pelvis, low);
  weigh(bone, low, high);
  weigh(bone, high, neck);
  weigh(MASS.headAndNeck, neck, body.crown);
  for (const side of SIDES) {
    const leg = body.legs[side];
    weigh(MASS.thigh, leg.hip, leg.knee);
    weigh(MASS.shank, leg.knee, leg.shankEnd);
    weigh(MASS.foot, leg.heel, leg.toe);
    const arm = arms[side];
    weigh(MASS.upperArm, arm.shoulder, arm.elbow);
    weigh(MASS.forearm, arm.elbow, arm.wrist);
    weigh(MASS.hand, arm.wrist, arm.tip);
  }
  return [x, y, z];
}
