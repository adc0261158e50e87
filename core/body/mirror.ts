import type { Load } from './load';
import { mirrorNumber } from './mirrorNumber';
import type { Posture, PostureChange } from './posture';
import { otherSide, type Side } from './side';

const mirrorSide = (side: Side | null): Side | null => (side === null ? null : otherSide(side));
const mirrorLoad = (load: Load): Load => ({ left: load.right, right: load.left, seat: load.seat });
const mirrorAngle = (degrees: number): number => mirrorNumber(degrees);

/** The mirror image of a posture: left and right exchanged, turns reversed. Twice is exactly the identity. */
export const mirrorPosture = (posture: Posture): Posture => ({
  ...posture,
  side: mirrorSide(posture.side),
  load: mirrorLoad(posture.load),
  heading: mirrorAngle(posture.heading),
  turn: mirrorAngle(posture.turn),
  armSide: mirrorSide(posture.armSide),
});

/** The mirror image of a change; what it leaves out stays left out. */
export const mirrorChange = (change: PostureChange): PostureChange => ({
  ...change,
  ...(change.side === undefined ? {} : { side: mirrorSide(change.side) }),
  ...(change.load === undefined ? {} : { load: mirrorLoad(change.load) }),
  ...(change.heading === undefined ? {} : { heading: mirrorAngle(change.heading) }),
  ...(change.turn === undefined ? {} : { turn: mirrorAngle(change.turn) }),
  ...(change.armSide === undefined ? {} : { armSide: mirrorSide(change.armSide) }),
});
