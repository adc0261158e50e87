import { wrapAngle } from '../../body/geometry/wrapAngle';
import type { HandPose, Pose } from '../../body/standing/pose';
import type { HandPoint } from '../../body/written/hand';
import type { Side } from '../../body/written/side';
import type { FootPlace } from '../../body/written/stance';
import type { Phase, Span } from '../schema/phase';
import { ease } from '../walk/liftWindow';
import type { FootWork, Stride } from '../walk/stride';
import { applyOverlay } from './applyOverlay';
import { mix } from './mix';
import { NO_RUN, type OverlayRun } from './overlayRun';

/** How high a stepping foot is carried, metres, beside what the posture itself asks. Convention. */
const STEP_HEIGHT = 0.05;

/** Progress within a window, eased. */
const within = (during: Span | undefined, u: number): number =>
  during === undefined ? ease(u) : ease((u - during[0]) / (during[1] - during[0]));

function footAt(a: FootPlace, b: FootPlace, work: FootWork, u: number): FootPlace {
  const rolled = work.rolls === null ? a : rollAt(a, b, work.rolls, u);
  if (work.during === null) return rolled;
  const [from, to] = work.during;
  const w = (u - from) / (to - from);
  const e = ease(w);
  // A foot that turns in its place rolls by itself, when its load lets it.
  if (work.rolls) return { ...rolled, angle: a.angle + work.turned * e };
  if (w <= 0) return a;
  if (w >= 1) return b;
  const arc = work.leaves && a.contact !== 'off' && b.contact !== 'off' ? STEP_HEIGHT * Math.sin(Math.PI * w) : 0;
  return {
    x: mix(a.x, b.x, e),
    y: mix(a.y, b.y, e),
    angle: a.angle + work.turned * e,
    height: mix(a.height, b.height, e) + arc,
    pitch: mix(a.pitch, b.pitch, e),
    contact: work.leaves ? 'off' : b.contact,
  };
}

/** A foot that rolls from one contact to another without leaving its place. */
function rollAt(a: FootPlace, b: FootPlace, [from, to]: Span, u: number): FootPlace {
  const e = ease((u - from) / (to - from));
  return e <= 0 ? a : e >= 1 ? { ...b, angle: a.angle } : rolling(a, b, e);
}

const rolling = (a: FootPlace, b: FootPlace, e: number): FootPlace => ({
  ...b,
  angle: a.angle,
  height: mix(a.height, b.height, e),
  pitch: mix(a.pitch, b.pitch, e),
  contact: e < 0.5 && b.contact === 'sole' ? a.contact : b.contact,
});

const FRONT: HandPoint = [0, 1, 0];
const SIDEWAYS: HandPoint = [1, 0.1, 0];
/** From this angle on, in degrees, a hand's way is led round the body rather than straight. */
const ROUND = 70;

const size = ([x, y, z]: HandPoint): number => Math.sqrt(x * x + y * y + z * z);

/** A hand's way from point to point: the distance from the shoulder changes evenly while the direction turns. */
function handWay(a: HandPoint, b: HandPoint, e: number, path: Phase['handPath']): HandPoint {
  if (e <= 0) return a;
  if (e >= 1) return b;
  const [ra, rb] = [size(a), size(b)];
  if (ra < 0.05 || rb < 0.05) return [mix(a[0], b[0], e), mix(a[1], b[1], e), mix(a[2], b[2], e)];
  const cosine = (a[0] * b[0] + a[1] * b[1] + a[2] * b[2]) / (ra * rb);
  const angle = Math.acos(Math.min(1, Math.max(-1, cosine)));
  const via = path === 'side' ? SIDEWAYS : FRONT;
  const straight = (axis: 0 | 1 | 2): number => mix(a[axis] / ra, b[axis] / rb, e);
  // The further the hand has to turn, the further its way is drawn out towards the front or side.
  const out = Math.max(0, (angle * 180) / Math.PI - ROUND) / 110;
  const drawn = out * Math.sin(Math.PI * e) * (path === 'side' ? 1.2 : 0.9);
  const x = straight(0) + via[0] * drawn;
  const y = straight(1) + via[1] * drawn;
  const z = straight(2) + via[2] * drawn;
  const r = mix(ra, rb, e) / (Math.sqrt(x * x + y * y + z * z) || 1);
  return [x * r, y * r, z * r];
}

function handAt(a: HandPose, b: HandPose, e: number, path: Phase['handPath']): HandPose {
  if (e <= 0 || a === b) return a;
  if (e >= 1) return b;
  const nearer = e < 0.5 ? a : b;
  return {
    at: handWay(a.at, b.at, e, path),
    wrist: mix(a.wrist, b.wrist, e),
    sway: mix(a.sway, b.sway, e),
    elbow: mix(a.elbow, b.elbow, e),
    palm: nearer.palm,
    shape: nearer.shape,
    // A hand keeps to a site only while it rests there at both ends; between sites it travels.
    rests: a.rests === b.rests ? a.rests : null,
  };
}

/** Mixes one group of channels; a group that does not change is handed on as it is. */
const mixed = <Group>(a: Group, b: Group, e: number, of: (a: Group, b: Group, e: number) => Group): Group =>
  a === b || e <= 0 ? a : e >= 1 ? b : of(a, b, e);

const mixLoad = (a: Pose['load'], b: Pose['load'], e: number): Pose['load'] => ({
  left: mix(a.left, b.left, e),
  right: mix(a.right, b.right, e),
  seat: mix(a.seat, b.seat, e),
});
const mixSpine = (a: Pose['spine'], b: Pose['spine'], e: number): Pose['spine'] => ({
  hinge: mix(a.hinge, b.hinge, e),
  round: mix(a.round, b.round, e),
  bend: mix(a.bend, b.bend, e),
});
const mixHead = (a: Pose['head'], b: Pose['head'], e: number): Pose['head'] => ({
  turn: mix(a.turn, b.turn, e),
  nod: mix(a.nod, b.nod, e),
  tilt: mix(a.tilt, b.tilt, e),
});
const mixHips = (a: Pose['hips'], b: Pose['hips'], e: number): Pose['hips'] => ({
  turn: mix(a.turn, b.turn, e),
  tilt: mix(a.tilt, b.tilt, e),
  right: mix(a.right, b.right, e),
  forward: mix(a.forward, b.forward, e),
});
const mixShoulder = (a: Pose['shoulders'][Side], b: Pose['shoulders'][Side], e: number): Pose['shoulders'][Side] => ({
  lift: mix(a.lift, b.lift, e),
  forward: mix(a.forward, b.forward, e),
});
const mixShoulders = (a: Pose['shoulders'], b: Pose['shoulders'], e: number): Pose['shoulders'] => ({
  left: mixShoulder(a.left, b.left, e),
  right: mixShoulder(a.right, b.right, e),
});

/**
 * The pose at a moment of a stride.
 * @param u how far the phase has gone, 0 to 1
 * @param seconds the phase lasts; shakes and bounces go by it
 * @param joins whether an overlay runs on from the phase before, and on into the next
 */
export function samplePose(stride: Stride, u: number, seconds: number, overlayRun: OverlayRun = NO_RUN): Pose {
  const { from, to, phase } = stride;
  const { windows, handPath, overlays } = phase;
  const load = within(windows.load, u);
  const trunk = within(windows.trunk, u);
  const hips = within(windows.hips, u);
  const arms = within(windows.arms, u);
  const head = within(windows.head, u);
  const feet = (side: Side) => footAt(from.feet[side], to.feet[side], stride.feet[side], u);
  const pose: Pose = {
    feet: { left: feet('left'), right: feet('right') },
    load: mixed(from.load, to.load, load, mixLoad),
    sink: mix(from.sink, to.sink, load),
    rock: mix(from.rock, to.rock, load),
    heading: from.heading + wrapAngle(to.heading - from.heading) * hips,
    turn: mix(from.turn, to.turn, trunk),
    spine: mixed(from.spine, to.spine, trunk, mixSpine),
    head: mixed(from.head, to.head, head, mixHead),
    hips: mixed(from.hips, to.hips, hips, mixHips),
    shoulders: mixed(from.shoulders, to.shoulders, arms, mixShoulders),
    hands: {
      left: handAt(from.hands.left, to.hands.left, arms, handPath),
      right: handAt(from.hands.right, to.hands.right, arms, handPath),
    },
    seat: to.seat ?? from.seat,
    gaze: head < 0.5 ? from.gaze : to.gaze,
    eyes: u < 0.5 ? from.eyes : to.eyes,
    firmness: mix(from.firmness, to.firmness, load),
  };
  return overlays.length === 0
    ? pose
    : overlays.reduce((changed, overlay) => applyOverlay(changed, overlay, u, seconds, overlayRun), pose);
}
