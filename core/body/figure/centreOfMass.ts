import type { Vec } from '../geometry/vector';
import { MASS } from '../standing/bodySize';
import { SIDES, type Side } from '../written/side';
import type { PlacedLeg } from './placeLeg';
import type { Armless, PlacedArm } from './upperBody';

/** Part of a body's mass: its share of the whole, and its moment, share times place in metres. */
export interface Mass {
  readonly share: number;
  readonly moment: Vec;
}

/** Adds up segments: each has its mass where it lies along it. */
class Scale {
  #share = 0;
  #x = 0;
  #y = 0;
  #z = 0;

  weigh({ share, at }: { readonly share: number; readonly at: number }, from: Vec, to: Vec): void {
    this.#share += share;
    this.#x += share * (from[0] + (to[0] - from[0]) * at);
    this.#y += share * (from[1] + (to[1] - from[1]) * at);
    this.#z += share * (from[2] + (to[2] - from[2]) * at);
  }

  get mass(): Mass {
    return { share: this.#share, moment: [this.#x, this.#y, this.#z] };
  }
}

/** Each of the trunk's bones carries a third of its mass. */
const BONE = { share: MASS.trunk.share / 3, at: MASS.trunk.at };

/** The mass of trunk, head and arms. */
export function upperMass(
  body: Pick<Armless, 'spine'> & { readonly crown: Vec },
  arms: Readonly<Record<Side, PlacedArm>>,
): Mass {
  const scale = new Scale();
  const [pelvis, low, high, neck] = body.spine;
  scale.weigh(BONE, pelvis, low);
  scale.weigh(BONE, low, high);
  scale.weigh(BONE, high, neck);
  scale.weigh(MASS.headAndNeck, neck, body.crown);
  for (const side of SIDES) {
    const { shoulder, elbow, wrist, tip } = arms[side];
    scale.weigh(MASS.upperArm, shoulder, elbow);
    scale.weigh(MASS.forearm, elbow, wrist);
    scale.weigh(MASS.hand, wrist, tip);
  }
  return scale.mass;
}

/** The mass of both legs. */
export function legMass(legs: Readonly<Record<Side, PlacedLeg>>): Mass {
  const scale = new Scale();
  for (const side of SIDES) {
    const { hip, knee, shankEnd, heel, toe } = legs[side];
    scale.weigh(MASS.thigh, hip, knee);
    scale.weigh(MASS.shank, knee, shankEnd);
    scale.weigh(MASS.foot, heel, toe);
  }
  return scale.mass;
}

/** A mass carried to another place. */
export const shifted = ({ share, moment }: Mass, by: Vec): Mass => ({
  share,
  moment: [moment[0] + share * by[0], moment[1] + share * by[1], moment[2] + share * by[2]],
});

/** The centre of two masses that make up a whole body, metres. */
export const addMass = (a: Mass, b: Mass): Vec => [
  a.moment[0] + b.moment[0],
  a.moment[1] + b.moment[1],
  a.moment[2] + b.moment[2],
];
