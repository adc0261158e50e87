import type { HandPose, Pose } from '../../body/standing/pose';
import { SIDES, type Side } from '../../body/written/side';
import type { Loop, Overlay, Route, Vibration } from '../schema/overlay';
import { ease } from '../walk/liftWindow';
import { routeOfLeg } from './legRoute';
import { mix } from './mix';
import type { OverlayRun } from './overlayRun';

/** The share of a phase in which a circle that begins from rest grows to its size. Convention. */
const GROWS = 0.18;

const sidesOf = (side: Side | null): readonly Side[] => (side === null ? SIDES : [side]);

/** How much of its size an overlay has: all of it, but where it begins from rest or comes to rest. */
function grown(u: number, { before, after }: OverlayRun): number {
  const begins = before ? 1 : ease(u / GROWS);
  const ends = after ? 1 : ease((1 - u) / GROWS);
  return begins * ends;
}

function changeHands(pose: Pose, side: Side | null, change: (hand: HandPose) => HandPose): Pose {
  const hands = { ...pose.hands };
  for (const one of sidesOf(side)) hands[one] = change(hands[one]);
  return { ...pose, hands };
}

function changeFeet(
  pose: Pose,
  side: Side | null,
  change: (foot: Pose['feet'][Side], outward: 1 | -1) => Pose['feet'][Side],
): Pose {
  const feet = { ...pose.feet };
  for (const one of sidesOf(side)) feet[one] = change(feet[one], one === 'left' ? -1 : 1);
  return { ...pose, feet };
}

/** Where a loop is, in units of its radius: first axis right or outward, second forward or up. */
function loopAt(loop: Loop, u: number): readonly [number, number] {
  const turn = loop.direction === 'clockwise' ? -1 : 1;
  const angle = ((loop.start + turn * 360 * loop.turns * u) * Math.PI) / 180;
  switch (loop.form) {
    case 'circle':
      return [Math.cos(angle), Math.sin(angle)];
    case 'eight':
      return [Math.cos(angle), Math.sin(2 * angle) / 2];
    case 'sway':
      return [Math.cos(angle), 0];
  }
}

function loop(pose: Pose, overlay: Loop, u: number, overlayRun: OverlayRun): Pose {
  const radius = mix(overlay.radius.from, overlay.radius.to, u) * grown(u, overlayRun);
  const [p, q] = loopAt(overlay, u);
  const [a, b] = [p * radius, q * radius];
  const { hips, head, spine, shoulders } = pose;
  switch (overlay.channel) {
    case 'hips':
      return { ...pose, hips: { ...hips, right: hips.right + a / 100, forward: hips.forward + b / 100 } };
    case 'knees':
      // Knees that circle carry the hips a little with them and bend as they come forward.
      return {
        ...pose,
        sink: Math.max(0, pose.sink + b * 1.2),
        hips: { ...hips, right: hips.right + a / 200 },
      };
    case 'head':
      return { ...pose, head: { ...head, tilt: head.tilt + a, nod: head.nod + b } };
    case 'spine':
      return { ...pose, spine: { ...spine, bend: spine.bend + a, hinge: spine.hinge + b } };
    case 'waist':
      return { ...pose, turn: pose.turn + a };
    case 'shoulders': {
      const next = { ...shoulders };
      for (const side of sidesOf(overlay.side))
        next[side] = { lift: next[side].lift + b, forward: next[side].forward + a };
      return { ...pose, shoulders: next };
    }
    case 'hands':
      return changeHands(pose, overlay.side, (hand) => {
        const [out, forward, up] = hand.at;
        if (overlay.plane === 'front') return { ...hand, rests: null, at: [out + a, forward, up + b] };
        if (overlay.plane === 'side') return { ...hand, rests: null, at: [out, forward + a, up + b] };
        return { ...hand, rests: null, at: [out + a, forward + b, up] };
      });
    case 'wrists':
      return changeHands(pose, overlay.side, (hand) => ({ ...hand, sway: hand.sway + a, wrist: hand.wrist + b }));
    case 'feet':
      return changeFeet(pose, overlay.side, (foot, outward) => ({
        ...foot,
        angle: foot.angle + a * outward,
        pitch: foot.pitch + b,
      }));
  }
}

/** How many swings a vibration has made by now: the integral of its rate, or an even count. */
function swingsAt({ rate, times }: Vibration, u: number, seconds: number): number {
  if (rate === null) return (times ?? 0) * u;
  const t = u * seconds;
  return rate.from * t + ((rate.to - rate.from) * t * u) / 2;
}

function vibrate(pose: Pose, overlay: Vibration, u: number, seconds: number, overlayRun: OverlayRun): Pose {
  const size = mix(overlay.size.from, overlay.size.to, u) * grown(u, overlayRun);
  const turn = 2 * Math.PI * swingsAt(overlay, u, seconds);
  const swing = Math.sin(turn) * size;
  /** Down and up again, from rest. */
  const bounce = ((1 - Math.cos(turn)) / 2) * size;
  switch (overlay.region) {
    case 'whole':
    case 'legs':
      return { ...pose, sink: Math.max(0, pose.sink + bounce) };
    case 'heels':
      return changeFeet(pose, overlay.side, (foot) =>
        foot.contact === 'ball'
          ? { ...foot, pitch: Math.min(0, foot.pitch + bounce) }
          : { ...foot, pitch: -bounce, contact: 'ball' },
      );
    case 'hands':
      return changeHands(pose, overlay.side, (hand) => ({ ...hand, wrist: hand.wrist + swing }));
    case 'arms':
      return changeHands(pose, overlay.side, (hand) => ({
        ...hand,
        at: [hand.at[0], hand.at[1], hand.at[2] + swing / 100],
        wrist: hand.wrist + swing,
      }));
    case 'shoulders': {
      const lift = (side: Side) => ({ ...pose.shoulders[side], lift: pose.shoulders[side].lift + bounce / 10 });
      return { ...pose, shoulders: { left: lift('left'), right: lift('right') } };
    }
    case 'head':
      return { ...pose, head: { ...pose.head, nod: pose.head.nod + swing } };
  }
}

/** A hand on its way over the body: it rests on each site in turn and is lifted a little between strokes. */
function route(pose: Pose, overlay: Route, u: number): Pose {
  const { sites } = overlay;
  const leg = Math.min(sites.length - 1, Math.floor(u * sites.length));
  const side = overlay.hand === 'both' ? null : overlay.hand;
  const tap =
    overlay.stroke === 'rub' || overlay.stroke === 'press' ? 0 : 8 * Math.abs(Math.sin(Math.PI * overlay.times * u));
  return changeHands(pose, side, (hand) => ({
    ...hand,
    rests: sites[leg] ?? hand.rests,
    wrist: hand.wrist + tap,
    shape: overlay.tool === 'fist' || overlay.tool === 'knuckles' ? 'loose-fist' : 'open',
  }));
}

/** The pose with an overlay at a moment of its phase. */
export function applyOverlay(pose: Pose, overlay: Overlay, u: number, seconds: number, overlayRun: OverlayRun): Pose {
  switch (overlay.kind) {
    case 'loop':
      return loop(pose, overlay, u, overlayRun);
    case 'vibration':
      return vibrate(pose, overlay, u, seconds, overlayRun);
    case 'route':
      return overlay.tool === 'foot' || overlay.tool === 'knee'
        ? routeOfLeg(pose, overlay, u)
        : route(pose, overlay, u);
  }
}
