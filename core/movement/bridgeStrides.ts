import type { Pose } from '../body/pose';
import type { Bridge } from './bridge';
import type { BridgeAction } from './bridgeActions';
import type { Breath, Phase } from './phase';
import { type Stride, strideTo } from './stride';

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
    const sitting = action.load.seat > 0;
    const upper = last ? goal : { ...goal, hands: from.hands, heading };
    const to: Pose = { ...upper, feet: action.feet, load: action.load, sink, seat: sitting ? seat : null };
    const stride = strideTo(phaseOf(action, index % 2 === 0 ? 'in' : 'out'), pose, to);
    pose = to;
    return stride;
  });
}
