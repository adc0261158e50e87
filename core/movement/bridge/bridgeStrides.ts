import { skeletonOf } from '../../body/figure/skeleton';
import { BODY_LIMITS } from '../../body/limits/bodyLimits';
import type { Pose } from '../../body/standing/pose';
import { isSeated } from '../../body/written/load';
import type { Breath, Phase } from '../schema/phase';
import { type Stride, strideTo } from '../walk/stride';
import type { Bridge } from './bridge';
import type { BridgeAction } from './bridgeActions';

/** The least bend while stepping, degrees: nobody steps from straight legs. Convention. */
const STEPPING_SINK = 25;

const phaseOf = ({ halves, kind }: BridgeAction, breath: Breath): Phase => ({
  breath,
  length: { kind: 'span', share: Math.min(1, halves) },
  to: {},
  windows: {},
  handPath: 'front',
  overlays: [],
  call: kind,
});

/** The deepest a body is let down on the way so that both legs reach, degrees. */
const DEEPEST = 76;

/** The pose let down as far as it takes for both legs to reach the floor where they stand. */
function withinReach(pose: Pose): Pose {
  if (pose.seat) return pose;
  for (let { sink } = pose; sink <= DEEPEST; sink += 2) {
    const bent = { ...pose, sink };
    const { legs } = skeletonOf(bent);
    if (Math.max(legs.left.short, legs.right.short) <= BODY_LIMITS.legShort) return bent;
  }
  return pose;
}

/** Hands that rested somewhere hang where they are: the body moves on under them. */
const letGo = ({ left, right }: Pose['hands']): Pose['hands'] => ({
  left: { ...left, rests: null },
  right: { ...right, rests: null },
});

/** A bridge as strides: the feet as it says, the rest of the body on its way to the goal. */
export function bridgeStrides(from: Pose, goal: Pose, bridge: Bridge): Stride[] {
  let pose = from;
  return bridge.actions.map((action, index) => {
    const last = index === bridge.actions.length - 1;
    const stepping = action.kind === 'step' || action.kind === 'close';
    const sink = last ? goal.sink : Math.max(stepping ? STEPPING_SINK : 0, from.sink, goal.sink);
    const share = (index + 1) / bridge.actions.length;
    const heading = from.heading + (goal.heading - from.heading) * share;
    const seat = goal.seat && {
      x: goal.seat.x + bridge.feet.left.x - goal.feet.left.x,
      y: goal.seat.y + bridge.feet.left.y - goal.feet.left.y,
    };
    const sitting = isSeated(action.load);
    const upper = last ? goal : { ...goal, spine: from.spine, hands: letGo(from.hands), heading };
    const to = withinReach({ ...upper, feet: action.feet, load: action.load, sink, seat: sitting ? seat : null });
    const stride = strideTo(phaseOf(action, index % 2 === 0 ? 'in' : 'out'), pose, to);
    pose = to;
    return stride;
  });
}
