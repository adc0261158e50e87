import type { Skeleton } from '../body/figure/skeleton';
import { supportOf } from '../body/figure/support';
import type { PlacedArm } from '../body/figure/upperBody';
import { subtract, type Vec } from '../body/geometry/vector';
import { wrapAngle } from '../body/geometry/wrapAngle';
import { ankleBend, hipTurn } from '../body/limits/bodyFinding';
import { MASS } from '../body/standing/bodySize';
import type { Pose } from '../body/standing/pose';
import { SIDES, type Side } from '../body/written/side';
import { bearsWeight, type Site } from '../body/written/site';
import { type ChannelValues, channelIndex, channelZeros } from './channels';

/** What a pose asks of the body at one instant. */
export interface Demand {
  /** For each channel; 1 is about as much as anyone should be asked to keep up, and it is not capped there. */
  readonly channels: ChannelValues;
  /** 0 steady on both feet to 1 on the edge. */
  readonly balance: number;
  readonly overhead: Readonly<Record<Side, boolean>>;
  readonly oneLeg: Side | null;
  readonly headLow: boolean;
  /** Whether the pelvis is turned over feet that stay where they are and bear the weight. */
  readonly turnedOver: boolean;
  /** Degrees the pelvis is turned from the front, clockwise. */
  readonly facing: number;
  /** The bend of the more loaded knee, degrees; 0 on a chair. */
  readonly sink: number;
}

const clamp = (value: number): number => Math.min(1, Math.max(0, value));
const sin = (degrees: number): number => Math.sin((degrees * Math.PI) / 180);

/** Above this elevation of the upper arm, in degrees from hanging, an arm counts as overhead; so does a hand above the head. */
const OVERHEAD = 120;
/** A hand is above the head when it is so much above its middle, in body heights. */
const ABOVE_BROW = 0.03;
/** How much of its load a resting hand still has. */
const RESTING = 0.3;
/** How much of a lean each hand takes that rests on a thigh, a knee or a chair; both together take it to half. */
const PROPPED = 0.25;
/** How much of the body's weight each hand takes from raised heels that rests on a chair or a wall. Convention. */
const HELD = 0.12;
const PROPS: readonly Site[] = ['thigh', 'knee', 'chair', 'wall'];
/** What pressing firmly adds to holding a limb, however it is held. */
const FIRM = 0.15;
/** From so many degrees inward at a hip that bears weight the pelvis counts as turned over the foot. Convention. */
const TURNED_OVER = 15;
/** How much the ankle works to keep a balance that is all but lost. */
const BALANCING = 0.42;
/** How much of what the feet bear the thighs and knees have to hold on a chair. */
const SEATED = 0.25;
/** The margin at which balance is no longer a matter, metres. */
const STEADY = 0.1;

/** Degrees a limb is lifted from hanging straight down. */
const liftOf = (from: Vec, to: Vec): number => {
  const [x, y, z] = subtract(to, from);
  return (Math.acos(Math.min(1, Math.max(-1, -z / (Math.sqrt(x * x + y * y + z * z) || 1)))) * 180) / Math.PI;
};

/** The moment of a straight level arm about the shoulder and about the elbow, as shares of mass times metres. */
const STRAIGHT = {
  shoulder:
    MASS.upperArm.share * 0.186 * MASS.upperArm.at +
    MASS.forearm.share * (0.186 + 0.146 * MASS.forearm.at) +
    MASS.hand.share * (0.332 + 0.108 * MASS.hand.at),
  elbow: MASS.forearm.share * 0.146 * MASS.forearm.at + MASS.hand.share * (0.146 + 0.108 * MASS.hand.at),
} as const;

/** The level distance of the arm's mass from a joint, against that of a straight level arm: 0 to about 1. */
function gravityMoment({ shoulder, elbow, wrist, tip }: PlacedArm, from: 'shoulder' | 'elbow', height: number): number {
  const root = from === 'shoulder' ? shoulder : elbow;
  const level = (axis: 0 | 1): number => {
    const upper =
      from === 'shoulder'
        ? MASS.upperArm.share * (shoulder[axis] + (elbow[axis] - shoulder[axis]) * MASS.upperArm.at - root[axis])
        : 0;
    const fore = MASS.forearm.share * (elbow[axis] + (wrist[axis] - elbow[axis]) * MASS.forearm.at - root[axis]);
    return upper + fore + MASS.hand.share * (wrist[axis] + (tip[axis] - wrist[axis]) * MASS.hand.at - root[axis]);
  };
  const [x, y] = [level(0), level(1)];
  return Math.sqrt(x * x + y * y) / (STRAIGHT[from] * height);
}

/** What leaning, bending and turning ask of the low back; hands that prop the trunk up take a part of it. */
function lowBackAsked({ spine, turn, hands }: Pose): number {
  const leaning = spine.hinge + spine.round / 2;
  const propped = SIDES.filter((side) => {
    const { rests } = hands[side];
    return rests !== null && PROPS.includes(rests);
  }).length;
  const alone = 1 - PROPPED * propped;
  const asked =
    ((0.5 * sin(leaning)) / sin(45)) * alone + (0.25 * Math.abs(spine.bend)) / 30 + (0.25 * Math.abs(turn)) / 45;
  return clamp(asked) * (1 + 0.25 * clamp(spine.round / 60) * alone);
}

/**
 * What a pose asks of each region. Every formula stands in the table of `formulas.ts` with its reason.
 * A higher stance never asks more of the thighs; a mirrored pose asks the same of the other side.
 */
export function demandAt(pose: Pose, body: Skeleton): Demand {
  const channels = channelZeros();
  const put = (index: number, value: number) => {
    channels[index] = value;
  };
  const { spine, turn, head, firmness } = pose;
  const holding = SIDES.filter((side) => bearsWeight(pose.hands[side].rests)).length;
  const overhead = { left: false, right: false };
  let carried = 0;

  for (const side of SIDES) {
    const arm = body.arms[side];
    const hand = pose.hands[side];
    const leg = body.legs[side];
    const foot = pose.feet[side];
    const load = pose.load[side];
    const borne = load / 100;

    const elevation = liftOf(arm.shoulder, arm.elbow);
    const rests = hand.rests === null ? 1 : RESTING;
    overhead[side] =
      hand.rests === null && (elevation > OVERHEAD || arm.wrist[2] > body.head[2] + ABOVE_BROW * body.size.height);
    const moment = gravityMoment(arm, 'shoulder', body.size.height) * rests;
    carried += moment / 2;
    put(
      channelIndex('shoulders', side),
      0.7 * moment +
        (0.3 * clamp((elevation - 30) / 90) + 0.35 * clamp((elevation - OVERHEAD) / 40)) * rests +
        FIRM * firmness,
    );
    put(channelIndex('elbows', side), 0.3 * gravityMoment(arm, 'elbow', body.size.height) * rests + FIRM * firmness);
    put(
      channelIndex('wrists', side),
      0.35 * clamp(Math.abs(hand.wrist) / 80) + (bearsWeight(hand.rests) ? 0.2 : 0) + FIRM * firmness,
    );

    const bent = sin(leg.bend / 2) / sin(30);
    const lifted = foot.contact === 'off';
    // On a chair the thighs only rest; what the feet bear is the weight of the shins.
    put(
      channelIndex('thighs', side),
      borne * bent * (pose.seat === null ? 1 : SEATED) + (pose.seat === null ? FIRM * firmness * borne : 0),
    );
    const twisted = load > 40 ? 0.3 * clamp((Math.abs(hipTurn(pose, side)) - 60) / 30) : 0;
    const kneeShare = pose.seat === null ? 1 : SEATED;
    put(channelIndex('knees', side), clamp(leg.bend / 90) * clamp(load / 50) * kneeShare + twisted);
    const raised = foot.contact === 'ball' && load > 5;
    put(channelIndex('calves', side), borne * (raised ? 1 - HELD * holding : 0.15 + 0.25 * Math.max(0, pose.rock)));
    put(
      channelIndex('ankles', side),
      borne * (0.6 * clamp(Math.abs(ankleBend(pose, body, side)) / 35) + (raised ? 0.6 : 0)),
    );
    const thighUp = liftOf(leg.hip, leg.knee);
    const alone = borne > 0.85 ? 0.25 : 0;
    put(
      channelIndex('hips', side),
      lifted && pose.seat === null ? 0.5 * clamp(thighUp / 90) + 0.1 : 0.4 * borne * bent + alone,
    );
  }

  put(
    channelIndex('neck', null),
    (Math.max(Math.abs(head.nod), Math.abs(head.tilt)) / 45 + Math.abs(head.turn) / 70) / 2,
  );
  put(
    channelIndex('upper-back', null),
    clamp(0.5 * carried + 0.25 * clamp(Math.abs(turn) / 45) + 0.25 * clamp(Math.abs(spine.round) / 60)),
  );
  put(channelIndex('low-back', null), lowBackAsked(pose));

  const held = holding > 0;
  const seated = pose.seat !== null;
  const open = seated ? 0 : clamp(1 - supportOf(pose, body).margin / STEADY);
  const blind = pose.eyes === 'closed' ? 1 - 0.7 * (1 - open) : open;
  const balance = seated ? 0 : held ? blind / 2 : blind;
  for (const side of SIDES) {
    const index = channelIndex('ankles', side);
    put(index, (channels[index] ?? 0) + BALANCING * balance * (pose.load[side] / 100));
  }
  return {
    channels,
    balance,
    overhead,
    oneLeg: seated
      ? null
      : (SIDES.find(
          (side) => pose.load[side] >= 90 && pose.feet[side === 'left' ? 'right' : 'left'].contact === 'off',
        ) ?? null),
    headLow: body.head[2] < body.spine[2][2],
    turnedOver: !seated && SIDES.some((side) => pose.load[side] >= 40 && hipTurn(pose, side) < -TURNED_OVER),
    facing: wrapAngle(pose.heading),
    sink: seated ? 0 : pose.sink,
  };
}
