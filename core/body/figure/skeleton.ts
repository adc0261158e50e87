import { type Frame, leant, turned } from '../geometry/frame';
import { add, along, ORIGIN, scale, subtract, type Vec } from '../geometry/vector';
import { type BodySize, legLength, USUAL_BODY, USUAL_HEIGHT } from '../standing/bodySize';
import { type FootPoints, footPoints, type Point } from '../standing/foot';
import type { Pose } from '../standing/pose';
import { pressureOf } from '../standing/pressure';
import { SIDES, type Side } from '../written/side';
import { holdsBelow } from '../written/site';
import { Approach, CARRIED } from './approach';
import { addMass, legMass, type Mass, shifted, upperMass } from './centreOfMass';
import { placeArms } from './placeArms';
import { kneePole, type PlacedLeg, placeLeg } from './placeLeg';
import type { Armless, PlacedArm } from './upperBody';

/** A body standing in a pose: every joint as a point of the room in metres. */
export interface Skeleton {
  readonly size: BodySize;
  readonly pelvis: Vec;
  /** From the pelvis to the base of the neck. */
  readonly spine: readonly [Vec, Vec, Vec, Vec];
  readonly head: Vec;
  readonly crown: Vec;
  readonly pelvisFrame: Frame;
  readonly chestFrame: Frame;
  readonly headFrame: Frame;
  readonly legs: Readonly<Record<Side, PlacedLeg>>;
  readonly arms: Readonly<Record<Side, PlacedArm>>;
  readonly centreOfMass: Vec;
  readonly centreOfPressure: Point;
}

/** The trunk is laid in three bones of equal length. */
const BONES = 3;
/** How much the trunk leans against a pelvis that is moved out from under it; the head then about stays. Convention. */
const COUNTER_LEAN = 1.5;
/** How often the pelvis is moved until mass and pressure meet, and how near is near enough, metres. */
const MOST_STEPS = 8;
const NEAR = 1e-5;
/** Height of the hip joints on a chair, in body heights: thighs level, shins upright. */
const SEATED_HIPS = 0.29;

const asin = (x: number): number => (Math.asin(Math.min(1, Math.max(-1, x))) * 180) / Math.PI;

/** The pose with its places in the room scaled from the usual height to another. */
function scaledPose(pose: Pose, by: number): Pose {
  if (by === 1) return pose;
  const foot = (one: Pose['feet'][Side]) => ({ ...one, x: one.x * by, y: one.y * by, height: one.height * by });
  return {
    ...pose,
    feet: { left: foot(pose.feet.left), right: foot(pose.feet.right) },
    seat: pose.seat && { x: pose.seat.x * by, y: pose.seat.y * by },
    hips: { ...pose.hips, right: pose.hips.right * by, forward: pose.hips.forward * by },
  };
}

interface Upper {
  readonly pelvisFrame: Frame;
  readonly chestFrame: Frame;
  readonly headFrame: Frame;
  /** The spine's joints, head and crown from the pelvis. */
  readonly spine: readonly [Vec, Vec, Vec, Vec];
  readonly head: Vec;
  readonly crown: Vec;
}

/** Pelvis, spine and head with the pelvis at the origin: they depend on nothing below. */
function placeTrunk(pose: Pose, size: BodySize): Upper {
  const { hinge, round, bend } = pose.spine;
  const facing = pose.heading + pose.hips.turn;
  const pelvisFrame = leant(turned(facing), 0, pose.hips.tilt);
  const lean = {
    pitch: -asin((COUNTER_LEAN * pose.hips.forward) / size.trunk),
    roll: -asin((COUNTER_LEAN * pose.hips.right) / size.trunk),
  };
  const joints: Vec[] = [[0, 0, 0]];
  for (let bone = 1; bone <= BONES; bone += 1) {
    const share = bone / BONES;
    const counter = 1.5 - (bone - 1) * 0.5;
    const frame = leant(
      turned(facing + pose.turn * share),
      hinge + round * (share - 1 / BONES / 2) + lean.pitch * counter,
      bend * share + lean.roll * counter,
    );
    joints.push(along(joints[bone - 1] as Vec, frame.up, size.trunk / BONES));
  }
  const chestFrame = leant(turned(facing + pose.turn), hinge + round, bend);
  const headFrame = leant(
    turned(facing + pose.turn + pose.head.turn),
    hinge + round + pose.head.nod,
    bend + pose.head.tilt,
  );
  const neck = joints[BONES] as Vec;
  return {
    pelvisFrame,
    chestFrame,
    headFrame,
    spine: joints as unknown as Upper['spine'],
    head: along(neck, headFrame.up, size.headAndNeck * 0.62),
    crown: along(neck, headFrame.up, size.headAndNeck),
  };
}

/** How high the pelvis is carried: by the leg that bears more, of equals by the one that lets it down further. */
function pelvisHeight(pose: Pose, x: number, y: number, frame: Frame, feet: Record<Side, FootPoints>, size: BodySize) {
  const reach = legLength(size, pose.sink);
  const by = (side: Side): number => {
    const out = (side === 'left' ? -1 : 1) * (size.hipJoints / 2);
    const { ankle } = feet[side];
    const awayX = x + frame.right[0] * out - ankle[0];
    const awayY = y + frame.right[1] * out - ankle[1];
    return ankle[2] + Math.sqrt(Math.max(0, reach * reach - awayX * awayX - awayY * awayY)) - frame.right[2] * out;
  };
  const { left, right } = pose.load;
  if (left === right) return Math.min(by('left'), by('right'));
  return left > right ? by('left') : by('right');
}

interface UpperBody {
  readonly arms: Skeleton['arms'];
  readonly mass: Mass;
}

function placeUpper(pose: Pose, body: Armless & { crown: Vec }): UpperBody {
  const arms = placeArms(pose, body);
  return { arms, mass: upperMass(body, arms) };
}

/** The upper body with its pelvis carried from the middle of the room to another place. */
function moved({ arms, mass }: UpperBody, by: Vec): UpperBody {
  const arm = ({ shoulder, elbow, wrist, tip, wanted, short }: PlacedArm): PlacedArm => ({
    shoulder: add(shoulder, by),
    elbow: add(elbow, by),
    wrist: add(wrist, by),
    tip: add(tip, by),
    wanted: add(wanted, by),
    short,
  });
  return { arms: { left: arm(arms.left), right: arm(arms.right) }, mass: shifted(mass, by) };
}

/**
 * Stands a body in a pose. The pelvis comes to where the whole body's centre of mass lies over the centre of pressure; on
 * a chair it stays on the seat, and the pressure lies under the mass.
 */
export function skeletonOf(given: Pose, size: BodySize = USUAL_BODY): Skeleton {
  const pose = scaledPose(given, size.height / USUAL_HEIGHT);
  const feet = { left: footPoints(pose.feet.left, size), right: footPoints(pose.feet.right, size) };
  const upper = placeTrunk(pose, size);
  const pressure = pressureOf(pose, size);

  const poles = {
    left: kneePole('left', upper.pelvisFrame, feet.left, pose.load.left, size),
    right: kneePole('right', upper.pelvisFrame, feet.right, pose.load.right, size),
  };
  const half = scale(upper.pelvisFrame.right, size.hipJoints / 2);
  const legsAt = (pelvis: Vec) => ({
    left: placeLeg(subtract(pelvis, half), feet.left, poles.left, size),
    right: placeLeg(add(pelvis, half), feet.right, poles.right, size),
  });
  const spineAt = (pelvis: Vec): Skeleton['spine'] => {
    const [low, middle, high, neck] = upper.spine;
    return [add(low, pelvis), add(middle, pelvis), add(high, pelvis), add(neck, pelvis)];
  };
  const bodyAt = (pelvis: Vec, legs: Armless['legs']): Armless & { crown: Vec } => ({
    size,
    pelvis,
    spine: spineAt(pelvis),
    head: add(upper.head, pelvis),
    crown: add(upper.crown, pelvis),
    pelvisFrame: upper.pelvisFrame,
    chestFrame: upper.chestFrame,
    headFrame: upper.headFrame,
    legs,
  });
  const heightAt = (x: number, y: number): number =>
    pose.seat ? SEATED_HIPS * size.height : pelvisHeight(pose, x, y, upper.pelvisFrame, feet, size);

  /** Trunk, head and arms go where the pelvis goes, all of a piece, unless a hand holds on to a leg or to the room. */
  const whole = !SIDES.some((side) => holdsBelow(pose.hands[side].rests));
  const carried = whole ? placeUpper(pose, bodyAt(ORIGIN, null)) : null;

  const legsUnder = (x: number, y: number) => {
    const pelvis: Vec = [x, y, heightAt(x, y)];
    return { pelvis, legs: legsAt(pelvis) };
  };
  const stand = ({ pelvis, legs }: ReturnType<typeof legsUnder>): Skeleton => {
    const { arms, mass } = carried ? moved(carried, pelvis) : placeUpper(pose, bodyAt(pelvis, legs));
    const centre = addMass(mass, legMass(legs));
    // Written out rather than spread: bodies are stood by the thousand.
    return {
      size,
      pelvis,
      spine: spineAt(pelvis),
      head: add(upper.head, pelvis),
      crown: add(upper.crown, pelvis),
      pelvisFrame: upper.pelvisFrame,
      chestFrame: upper.chestFrame,
      headFrame: upper.headFrame,
      legs,
      arms,
      centreOfMass: centre,
      centreOfPressure: pressure ?? [centre[0], centre[1]],
    };
  };

  if (pose.seat || pressure === null) return stand(legsUnder(pose.seat?.x ?? 0, pose.seat?.y ?? 0));
  // The first guess already knows how far the upper body's mass hangs out from the pelvis.
  const [ox, oy] = carried ? carried.mass.moment : ORIGIN;
  let at = legsUnder(pressure[0] - ox / CARRIED, pressure[1] - oy / CARRIED);
  const search = new Approach();
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const { pelvis, legs } = at;
    const mass = carried ? shifted(carried.mass, pelvis) : placeUpper(pose, bodyAt(pelvis, legs)).mass;
    const [cx, cy] = addMass(mass, legMass(legs));
    const [dx, dy] = [pressure[0] - cx, pressure[1] - cy];
    if (dx * dx + dy * dy < NEAR * NEAR) break;
    const [sx, sy] = search.step(dx, dy);
    at = legsUnder(pelvis[0] + sx, pelvis[1] + sy);
  }
  return stand(at);
}
