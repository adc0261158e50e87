import { skeletonOf } from '../../body/figure/skeleton';
import { wrapAngle } from '../../body/geometry/wrapAngle';
import { BODY_LIMITS } from '../../body/limits/bodyLimits';
import type { Pose } from '../../body/standing/pose';
import { isSeated } from '../../body/written/load';
import { SIDES, type Side } from '../../body/written/side';
import type { Feet, FootPlace } from '../../body/written/stance';
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

/** The pelvis on its way round is looked for in so many places. */
const PLACES = 24;

/**
 * Where the pelvis is headed over feet that have partly turned: as far round as it should be by now, or where the hips of both legs
 * bear it best.
 */
function headingOver(feet: Feet, from: number, turn: number, share: number, hips: number): number {
  let best = { heading: wrapAngle(from + turn * share), over: Number.POSITIVE_INFINITY };
  for (let place = 0; place <= PLACES; place += 1) {
    // From where it should be outwards, so that of equals the nearest is taken.
    const aside = (place % 2 === 0 ? place / 2 : -(place + 1) / 2) / (PLACES / 2);
    const at = Math.min(1, Math.max(0, share + aside));
    const heading = wrapAngle(from + turn * at);
    const over = Math.max(0, ...SIDES.map((side) => overTurned(feet[side], side, heading + hips)));
    if (over < best.over - 1e-9) best = { heading, over };
  }
  return best.heading;
}

/** Degrees that a foot on the floor is turned further against the pelvis than a hip lets it. */
function overTurned({ angle, contact }: FootPlace, side: Side, heading: number): number {
  if (contact === 'off') return 0;
  const out = wrapAngle(angle - heading) * (side === 'right' ? 1 : -1);
  return Math.max(out - BODY_LIMITS.hipOut, -out - BODY_LIMITS.hipIn);
}

/** A bridge as strides: the feet as it says, the rest of the body on its way to the goal. */
export function bridgeStrides(from: Pose, goal: Pose, bridge: Bridge): Stride[] {
  let pose = from;
  const turn = wrapAngle(goal.heading - from.heading);
  return bridge.actions.map((action, index) => {
    const last = index === bridge.actions.length - 1;
    const stepping = action.kind === 'step' || action.kind === 'close';
    const sink = last ? goal.sink : Math.max(stepping ? STEPPING_SINK : 0, from.sink, goal.sink);
    const share = (index + 1) / bridge.actions.length;
    const seat = goal.seat && {
      x: goal.seat.x + bridge.feet.left.x - goal.feet.left.x,
      y: goal.seat.y + bridge.feet.left.y - goal.feet.left.y,
    };
    const sitting = isSeated(action.load);
    const heading = last ? goal.heading : headingOver(action.feet, from.heading, turn, share, goal.hips.turn);
    const upper = last ? goal : { ...goal, spine: from.spine, hands: letGo(from.hands), heading };
    const to = withinReach({ ...upper, feet: action.feet, load: action.load, sink, seat: sitting ? seat : null });
    const stride = strideTo(phaseOf(action, index % 2 === 0 ? 'in' : 'out'), pose, to);
    pose = to;
    return stride;
  });
}
