import { skeletonOf } from '../body/figure/skeleton';
import type { Pose } from '../body/standing/pose';
import type { Region } from '../body/written/region';
import { SIDES } from '../body/written/side';
import { FULL_SIZE } from '../movement/sample/overlayRun';
import { samplePose } from '../movement/sample/samplePose';
import type { Overlay } from '../movement/schema/overlay';
import type { Stride } from '../movement/walk/stride';
import { rememberFor } from '../remember/rememberFor';
import { type ChannelValues, channelIndex, channelZeros } from './channels';
import { type Demand, demandAt } from './demandAt';
import { type JointAngles, jointAngles, travelled } from './jointAngles';

/** A stride is looked at in so many equal pieces, each at its middle: its changes are eased, so four are enough. */
export const PIECES = 4;

/** What one stride asks, however long it takes. */
export interface StrideDemand {
  readonly pieces: readonly Demand[];
  /** How far each channel's joint is moved in the whole stride, degrees. */
  readonly moved: ChannelValues;
}

/** The degrees a second that shaking gives to what it shakes; it is too quick to be seen by looking four times. */
function shaken(overlays: readonly Overlay[], seconds: number, add: (region: Region, degrees: number) => void): void {
  for (const overlay of overlays) {
    if (overlay.kind !== 'vibration') continue;
    const swings = overlay.times ?? (overlay.rate ? (overlay.rate.from + overlay.rate.to) / 2 : 0) * seconds;
    const degrees = swings * (overlay.size.from + overlay.size.to);
    const regions: Readonly<Record<typeof overlay.region, readonly Region[]>> = {
      whole: ['thighs', 'knees', 'ankles', 'hips', 'shoulders', 'low-back'],
      legs: ['thighs', 'knees', 'ankles', 'hips'],
      heels: ['ankles', 'calves', 'knees'],
      hands: ['wrists', 'elbows'],
      arms: ['shoulders', 'elbows', 'wrists'],
      shoulders: ['shoulders', 'upper-back', 'neck'],
      head: ['neck'],
    };
    for (const region of regions[overlay.region]) add(region, degrees);
  }
}

/** A circle is followed in so many steps: fewer would cut its corners, or miss whole turns. */
const STEPS_A_TURN = 8;

/** What a stride with circles moves, followed round every turn; it takes the place of what four looks have seen. */
function circled(look: (u: number) => Parameters<typeof jointAngles>[0], turns: number, moved: number[]): void {
  moved.fill(0);
  const steps = Math.max(PIECES, Math.ceil(turns * STEPS_A_TURN));
  let before = jointAngles(look(0));
  for (let step = 1; step <= steps; step += 1) {
    const now = jointAngles(look(step / steps));
    travelled(before, now, moved);
    before = now;
  }
}

/** The length a stride is looked at with, seconds. What it asks hardly depends on it; only shakes go by the clock. */
const USUAL_SECONDS = 4;

/** The joint angles of a pose that one stride ends in and the next begins in: reckoned once. */
const anglesOf = rememberFor((pose: Pose): JointAngles => jointAngles({ pose, body: skeletonOf(pose) }));

/** What a stride asks of the body, and what it moves. The same stride always answers the same. */
export function strideDemand(stride: Stride): StrideDemand {
  const look = (u: number) => {
    const pose = samplePose(stride, u, USUAL_SECONDS, FULL_SIZE);
    return { pose, body: skeletonOf(pose) };
  };
  const plain = stride.phase.overlays.length === 0;
  const pieces: Demand[] = [];
  const moved = channelZeros();
  // A kept posture moves nothing, and asks the same all the time.
  if (plain && Object.keys(stride.phase.to).length === 0) {
    const { pose, body } = look(0.5);
    return { pieces: [demandAt(pose, body)], moved };
  }
  let before = plain ? anglesOf(stride.from) : jointAngles(look(0));
  for (let piece = 0; piece < PIECES; piece += 1) {
    const middle = look((piece + 0.5) / PIECES);
    pieces.push(demandAt(middle.pose, middle.body));
    const now = jointAngles(middle);
    travelled(before, now, moved);
    before = now;
  }
  travelled(before, plain ? anglesOf(stride.to) : jointAngles(look(1)), moved);
  const turns = Math.max(0, ...stride.phase.overlays.map((one) => (one.kind === 'loop' ? one.turns : 0)));
  if (turns > 0) circled(look, turns, moved);
  shaken(stride.phase.overlays, USUAL_SECONDS, (region, degrees) => {
    for (const side of [null, ...SIDES]) {
      const index = channelIndex(region, side);
      if (index >= 0) moved[index] = (moved[index] ?? 0) + degrees;
    }
  });
  return { pieces, moved };
}
