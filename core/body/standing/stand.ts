import { fromRoom, leant, toRoom, turned } from '../geometry/frame';
import { add, subtract, type Vec } from '../geometry/vector';
import { ARM_SHAPES, type HandPlacing } from '../written/armShape';
import type { HandPoint } from '../written/hand';
import { isSeated } from '../written/load';
import type { FootChange, Posture, PostureChange } from '../written/posture';
import { otherSide, type Side } from '../written/side';
import { type Feet, type FootPlace, feetOf, USUAL_PITCH } from '../written/stance';
import type { HandPose, Pose } from './pose';

/** How far behind the feet of a seated stance the middle of the seat stands, metres. Convention: thighs level, shins upright. */
const SEAT_BEHIND = 0.34;

const vec = ({ x, y }: { x: number; y: number }): Vec => [x, y, 0];
const at = <Place extends { x: number; y: number }>(place: Place, [x, y]: Vec): Place => ({ ...place, x, y });

/** The foot with what an author adjusts in it; places are given from the other foot. */
function adjustFoot(foot: FootPlace, change: FootChange | undefined, other: FootPlace, heading: number): FootPlace {
  if (!change) return foot;
  const frame = turned(heading);
  const [right, forward] = fromRoom(frame, subtract(vec(foot), vec(other)));
  const moved = change.right !== undefined || change.forward !== undefined;
  const contact = change.contact ?? (change.height !== undefined && change.height > 0 ? 'off' : foot.contact);
  const placed = moved
    ? at(foot, add(vec(other), toRoom(frame, [change.right ?? right, change.forward ?? forward, 0])))
    : foot;
  return {
    ...placed,
    angle: change.angle === undefined ? foot.angle : heading + change.angle,
    contact,
    height: contact === 'off' ? (change.height ?? (foot.height || 0.1)) : 0,
    pitch: change.pitch ?? (contact === foot.contact ? foot.pitch : USUAL_PITCH[contact]),
  };
}

/** The foot that keeps its place while the posture changes; null when none bears enough to be kept. */
function keptFoot(before: Pose, to: Posture): Side | null {
  const kept = (side: Side) => Math.min(before.load[side], to.load[side]);
  const [left, right] = [kept('left'), kept('right')];
  if (left !== right) return left > right ? 'left' : 'right';
  if (before.load.left !== before.load.right) return before.load.left > before.load.right ? 'left' : 'right';
  if (to.load.left !== to.load.right) return to.load.left > to.load.right ? 'left' : 'right';
  return null;
}

/** Feet further apart or closer along the way they are already apart: a bow longer, a horse wider. */
function spreadFeet({ left, right }: Feet, spread: number): Feet {
  const axis = Math.abs(left.y - right.y) > Math.abs(left.x - right.x) ? 'y' : 'x';
  const middle = (left[axis] + right[axis]) / 2;
  const moved = (foot: FootPlace): FootPlace => ({ ...foot, [axis]: middle + (foot[axis] - middle) * spread });
  return spread === 1 ? { left, right } : { left: moved(left), right: moved(right) };
}

/** The feet of a stance put down in the room so that the kept foot, or the middle of both, stays where it is. */
function placeFeet(posture: Posture, before: Pose | null): Feet {
  const { left, right } = spreadFeet(feetOf(posture.stance, posture.side), posture.spread);
  const frame = turned(posture.heading);
  const inRoom = (foot: FootPlace): FootPlace => ({
    ...at(foot, toRoom(frame, vec(foot))),
    angle: foot.angle + posture.heading,
  });
  const placed: Feet = { left: inRoom(left), right: inRoom(right) };
  if (before === null) return placed;
  const kept = keptFoot(before, posture);
  const middle = ({ left: l, right: r }: Feet): Vec => [(l.x + r.x) / 2, (l.y + r.y) / 2, 0];
  const move =
    kept === null ? subtract(middle(before.feet), middle(placed)) : subtract(vec(before.feet[kept]), vec(placed[kept]));
  const moved = (foot: FootPlace): FootPlace => at(foot, add(vec(foot), move));
  const put = { left: moved(placed.left), right: moved(placed.right) };
  // Exactly where it was: adding and taking away again would leave a trace.
  return kept === null ? put : { ...put, [kept]: { ...put[kept], x: before.feet[kept].x, y: before.feet[kept].y } };
}

/** Feet with an author's adjustments: first the foot that bears more, then the other, which may be placed from it. */
function adjustFeet(feet: Feet, adjustments: Posture['feet'], { load, heading }: Posture): Feet {
  const steady: Side = load.left >= load.right ? 'left' : 'right';
  const moving = otherSide(steady);
  const first = adjustFoot(feet[steady], adjustments[steady], feet[moving], heading);
  const second = adjustFoot(feet[moving], adjustments[moving], first, heading);
  return steady === 'left' ? { left: first, right: second } : { left: second, right: first };
}

function handsOf(posture: Posture): Pose['hands'] {
  const shape = ARM_SHAPES[posture.arms];
  const lead = posture.armSide ?? 'left';
  const chest = leant(turned(0), posture.spine.hinge + posture.spine.round, posture.spine.bend);
  const one = (side: Side): HandPose => {
    const placing: HandPlacing = side === lead ? shape.lead : shape.other;
    const change = posture.hands[side] ?? {};
    const { hangs, ...usual } = placing;
    const rests = change.rests === undefined ? (change.at ? null : usual.rests) : change.rests;
    const point = change.at ?? usual.at;
    // A hanging arm is written against the upright and kept against the chest.
    const outward = side === 'left' ? -1 : 1;
    const held: HandPoint = hangs && !change.at ? hang(point, outward, chest) : point;
    return {
      at: held,
      wrist: change.wrist ?? usual.wrist,
      sway: usual.sway,
      palm: change.palm ?? usual.palm,
      shape: change.shape ?? usual.shape,
      rests,
      elbow: usual.elbow,
    };
  };
  return { left: one('left'), right: one('right') };
}

function hang([out, forward, up]: HandPoint, outward: 1 | -1, chest: ReturnType<typeof turned>): HandPoint {
  const [right, f, u] = fromRoom(chest, [out * outward, forward, up]);
  return [right * outward, f, u];
}

/** Where the seat of a seated stance stands, from the feet that are put down before it. */
function seatOf(posture: Posture, feet: Feet, before: Pose | null): Pose['seat'] {
  if (!isSeated(posture.load)) return null;
  if (before?.seat) return before.seat;
  const stand = feetOf(posture.stance, posture.side);
  const forward = (stand.left.y + stand.right.y) / 2 - 0.05 + SEAT_BEHIND;
  const middle: Vec = [(feet.left.x + feet.right.x) / 2, (feet.left.y + feet.right.y) / 2, 0];
  const [x, y] = add(middle, toRoom(turned(posture.heading), [0, -forward, 0]));
  return { x, y };
}

const names = (change: PostureChange, ...channels: (keyof PostureChange)[]): boolean =>
  channels.some((channel) => change[channel] !== undefined);

/** Feet are put down anew when a stance, its side or spread is named; otherwise only what is adjusted moves. */
function feetFor(posture: Posture, before: Pose | null, change: PostureChange | undefined): Feet {
  if (before === null || change === undefined || names(change, 'stance', 'side', 'spread'))
    return adjustFeet(placeFeet(posture, before), posture.feet, posture);
  return change.feet === undefined ? before.feet : adjustFeet(before.feet, change.feet, posture);
}

/** Whether a change leaves the hands where they are in the frame of the chest. A bowing trunk moves hanging arms. */
const keepsHands = (before: Pose | null, change: PostureChange | undefined): before is Pose =>
  before !== null && change !== undefined && !names(change, 'arms', 'armSide', 'hands', 'spine');

/**
 * The pose of a posture.
 * @param posture as written
 * @param before the pose it is reached from, whose bearing foot stays where it is; null to begin at the middle of the room
 * @param change that led from there to here; without it the stance counts as named anew
 */
export function standIn(posture: Posture, before: Pose | null = null, change?: PostureChange): Pose {
  const feet = feetFor(posture, before, change);
  return {
    feet,
    load: posture.load,
    sink: posture.sink,
    heading: posture.heading,
    turn: posture.turn,
    rock: posture.rock,
    spine: posture.spine,
    head: posture.head,
    hips: posture.hips,
    shoulders: posture.shoulders,
    hands: keepsHands(before, change) ? before.hands : handsOf(posture),
    seat: seatOf(posture, feet, before),
    gaze: posture.gaze,
    eyes: posture.eyes,
    firmness: posture.firmness,
  };
}
