import { z } from 'zod';
import type { HandPoint, HandShape, Palm } from './hand';
import type { Site } from './site';

/** Named pairs of hand places. A one-sided shape is named for the hand that leads, which is the posture's `armSide`. */
export const ArmShape = z.enum([
  'hanging',
  'hands-at-belly',
  'embrace-low',
  'embrace-middle',
  'embrace-chest',
  'embrace-high',
  'raised-front',
  'raised-sides',
  'raised-wide',
  'pressing-down',
  'pressing-front-low',
  'palms-at-chest',
  'palms-up-at-waist',
  'pushing-front',
  'pushing-sides',
  'overhead-press',
  'overhead-round',
  'one-up-one-down',
  'drawing-bow',
  'cloud-high',
  'brush-and-push',
  'push-and-guard',
  'ward-off',
  'parting',
  'hold-ball',
  'roll-back',
  'press-forward',
  'whip',
  'lute',
  'crane',
  'fan-arms',
  'shuttle',
  'crossed-low',
  'crossed-chest',
  'crossed-wide',
  'fists-at-waist',
  'punching',
  'punch-under',
  'double-fists',
  'claws-front',
  'hooks-back',
  'wings',
  'antlers',
  'hands-on-hips',
  'hands-on-knees',
  'hands-on-back',
  'hands-on-head',
  'hands-on-face',
  'hands-on-ears',
  'hands-on-shoulders',
  'hands-on-ribs',
  'one-hand-patting',
  'reaching-down',
  'reaching-over',
  'scooping',
  'folded-at-heart',
  'folded-at-belly',
  'palms-joined',
  'resting-on-thighs',
  'swinging',
  'pendulum-front',
  'pendulum-back',
  'hand-on-chair',
  'hands-on-wall',
]);
export type ArmShape = z.infer<typeof ArmShape>;

/** One hand as a shape places it. */
export interface HandPlacing {
  readonly at: HandPoint;
  readonly wrist: number;
  /** Degrees the hand is bent towards the thumb. */
  readonly sway: number;
  readonly palm: Palm;
  readonly shape: HandShape;
  readonly rests: Site | null;
  /** How far the elbow is lifted out: 0 hangs below the arm, 1 is level with it. */
  readonly elbow: number;
  /** The point keeps its place below the shoulder when the trunk bows, as an arm that hangs does. */
  readonly hangs: boolean;
}

interface Shape {
  readonly lead: HandPlacing;
  readonly other: HandPlacing;
}

const hand = (at: HandPoint, palm: Palm, more: Partial<Omit<HandPlacing, 'at' | 'palm'>> = {}): HandPlacing => ({
  at,
  palm,
  wrist: 0,
  sway: 0,
  shape: 'open',
  rests: null,
  elbow: 0,
  hangs: false,
  ...more,
});
const on = (rests: Site, palm: Palm, more: Partial<HandPlacing> = {}): HandPlacing =>
  hand([0.2, 0.4, -0.5], palm, { rests, elbow: 0.6, ...more });

const both = (one: HandPlacing): Shape => ({ lead: one, other: one });
const two = (lead: HandPlacing, other: HandPlacing): Shape => ({ lead, other });

const hanging = hand([0.1, 0.06, -0.975], 'in', { hangs: true });
const fistAtWaist = hand([0.1, -0.02, -0.6], 'up', { shape: 'fist' });
const lowBelly = hand([-0.26, 0.45, -0.7], 'in', { elbow: 0.4 });

/**
 * Where each named shape places the hands: outward, forward, up from the shoulder in arm lengths.
 * Conventions, written from the shapes as they are commonly taught.
 */
export const ARM_SHAPES: Readonly<Record<ArmShape, Shape>> = {
  hanging: both(hanging),
  'hands-at-belly': both(lowBelly),
  'embrace-low': both(hand([-0.16, 0.62, -0.5], 'in', { elbow: 0.55 })),
  'embrace-middle': both(hand([-0.18, 0.7, -0.3], 'in', { elbow: 0.6 })),
  'embrace-chest': both(hand([-0.2, 0.74, -0.06], 'in', { elbow: 0.6 })),
  'embrace-high': both(hand([-0.15, 0.62, 0.45], 'in', { elbow: 0.7 })),
  'raised-front': both(hand([0.0, 0.97, 0.03], 'down')),
  'raised-sides': both(hand([0.96, 0.14, 0.0], 'down', { elbow: 0.2 })),
  'raised-wide': both(hand([0.72, 0.25, 0.58], 'front', { elbow: 0.4 })),
  'pressing-down': both(hand([0.14, 0.34, -0.8], 'down', { wrist: 60, elbow: 0.4 })),
  'pressing-front-low': both(hand([-0.2, 0.5, -0.72], 'down', { wrist: 60, elbow: 0.5 })),
  'palms-at-chest': both(hand([-0.08, 0.42, -0.16], 'front', { wrist: 55, elbow: 0.25 })),
  'palms-up-at-waist': both(hand([0.08, 0.2, -0.6], 'up')),
  'pushing-front': both(hand([-0.08, 0.92, 0.0], 'front', { wrist: 65, elbow: 0.1 })),
  'pushing-sides': both(hand([0.94, 0.12, 0.03], 'out', { wrist: 70, elbow: 0.15 })),
  'overhead-press': both(hand([-0.2, 0.12, 0.94], 'up', { wrist: 80, elbow: 0.8 })),
  'overhead-round': both(hand([0.02, 0.22, 0.86], 'in', { elbow: 0.9 })),
  'one-up-one-down': two(
    hand([-0.06, 0.12, 0.95], 'up', { wrist: 75, elbow: 0.8 }),
    hand([0.16, 0.12, -0.93], 'down', { wrist: 70 }),
  ),
  'drawing-bow': two(
    hand([0.96, 0.1, 0.06], 'out', { wrist: 60, shape: 'pointing', elbow: 0.15 }),
    hand([0.08, 0.26, 0.0], 'in', { shape: 'loose-fist', elbow: 1 }),
  ),
  'cloud-high': two(hand([-0.2, 0.62, 0.2], 'in', { elbow: 0.25 }), hand([-0.28, 0.5, -0.6], 'in', { elbow: 0.4 })),
  'brush-and-push': two(
    hand([-0.14, 0.9, 0.08], 'front', { wrist: 65, elbow: 0.05 }),
    hand([0.24, 0.2, -0.86], 'down', { wrist: 55, elbow: 0.3 }),
  ),
  'push-and-guard': two(
    hand([-0.14, 0.9, 0.06], 'front', { wrist: 65, elbow: 0.05 }),
    hand([-0.1, 0.25, -0.55], 'up', { elbow: 0.2 }),
  ),
  'ward-off': two(hand([-0.24, 0.72, -0.04], 'in', { elbow: 0.55 }), hand([0.2, 0.28, -0.82], 'down', { wrist: 45 })),
  parting: two(
    hand([0.12, 0.82, 0.08], 'in', { elbow: 0.15 }),
    hand([0.24, 0.24, -0.84], 'down', { wrist: 45, elbow: 0.2 }),
  ),
  'hold-ball': two(hand([-0.26, 0.54, -0.1], 'down', { elbow: 0.55 }), hand([-0.28, 0.5, -0.62], 'up', { elbow: 0.3 })),
  'roll-back': two(hand([0.05, 0.66, -0.2], 'in', { elbow: 0.2 }), hand([-0.3, 0.5, -0.42], 'up', { elbow: 0.2 })),
  'press-forward': two(
    hand([-0.3, 0.78, -0.06], 'in', { elbow: 0.45 }),
    hand([-0.3, 0.68, -0.08], 'front', { wrist: 50, elbow: 0.2 }),
  ),
  whip: two(
    hand([0.42, 0.84, 0.06], 'front', { wrist: 65, elbow: 0.1 }),
    hand([0.88, 0.3, 0.08], 'down', { shape: 'hook', wrist: -70, elbow: 0.1 }),
  ),
  lute: two(hand([-0.18, 0.82, 0.02], 'in', { elbow: 0.1 }), hand([-0.24, 0.52, -0.24], 'in', { elbow: 0.1 })),
  crane: two(
    hand([0.0, 0.42, 0.72], 'out', { elbow: 0.5 }),
    hand([0.22, 0.18, -0.88], 'down', { wrist: 55, elbow: 0.3 }),
  ),
  'fan-arms': two(
    hand([-0.06, 0.9, 0.04], 'front', { wrist: 60, elbow: 0.05 }),
    hand([0.3, 0.28, 0.62], 'out', { wrist: 30, elbow: 0.9 }),
  ),
  shuttle: two(
    hand([0.0, 0.46, 0.68], 'front', { wrist: 40, elbow: 0.8 }),
    hand([-0.16, 0.88, 0.0], 'front', { wrist: 65, elbow: 0.05 }),
  ),
  'crossed-low': both(hand([-0.42, 0.42, -0.72], 'in', { elbow: 0.3 })),
  'crossed-chest': both(hand([-0.44, 0.5, -0.08], 'in', { elbow: 0.3 })),
  'crossed-wide': both(hand([0.5, 0.5, -0.45], 'in', { elbow: 0.2 })),
  'fists-at-waist': both(fistAtWaist),
  punching: two(hand([-0.1, 0.96, -0.04], 'in', { shape: 'fist', elbow: 0.05 }), fistAtWaist),
  'punch-under': two(
    hand([-0.12, 0.88, -0.2], 'in', { shape: 'fist', elbow: 0.05 }),
    hand([-0.3, 0.52, -0.22], 'in', { elbow: 0.2 }),
  ),
  'double-fists': both(hand([-0.06, 0.8, 0.26], 'in', { shape: 'fist', elbow: 0.5 })),
  'claws-front': both(hand([0.12, 0.7, 0.06], 'front', { shape: 'claw', wrist: 30, elbow: 0.4 })),
  'hooks-back': both(hand([0.22, -0.42, -0.74], 'back', { shape: 'hook', wrist: -60 })),
  wings: both(hand([0.86, 0.16, 0.3], 'down', { wrist: -35, elbow: 0.5 })),
  antlers: both(hand([0.06, 0.62, 0.42], 'front', { shape: 'pointing', wrist: 40, elbow: 0.5 })),
  'hands-on-hips': both(on('hip', 'in', { elbow: 0.9 })),
  'hands-on-knees': both(on('knee', 'down', { elbow: 0.3 })),
  'hands-on-back': both(on('lower-back', 'in', { elbow: 0.8 })),
  'hands-on-head': both(on('crown', 'in', { elbow: 1 })),
  'hands-on-face': both(on('face', 'in', { elbow: 0.4 })),
  'hands-on-ears': both(on('ear', 'in', { elbow: 0.8 })),
  'hands-on-shoulders': both(on('shoulder', 'down', { elbow: 1 })),
  'hands-on-ribs': both(on('ribs', 'in', { elbow: 0.7 })),
  'one-hand-patting': two(on('other-upper-arm', 'in'), hand([0.16, 0.72, -0.5], 'up', { elbow: 0.1 })),
  'reaching-down': both(hand([-0.12, 0.16, -0.95], 'in', { hangs: true })),
  'reaching-over': two(hand([-0.4, 0.08, 0.88], 'down', { elbow: 0.9 }), hanging),
  scooping: both(hand([-0.3, 0.5, -0.78], 'up', { hangs: true, elbow: 0.3 })),
  'folded-at-heart': both(on('heart', 'in', { elbow: 0.5 })),
  'folded-at-belly': both(on('belly', 'in', { elbow: 0.4 })),
  'palms-joined': both(hand([-0.36, 0.46, -0.2], 'in', { shape: 'palms-joined', wrist: 30, elbow: 0.5 })),
  'resting-on-thighs': both(on('thigh', 'down', { elbow: 0.2 })),
  swinging: two(hand([-0.52, 0.5, -0.5], 'in'), hand([0.1, -0.38, -0.8], 'back')),
  'pendulum-front': both(hand([0.04, 0.92, -0.2], 'down')),
  'pendulum-back': both(hand([0.12, -0.45, -0.84], 'back')),
  'hand-on-chair': two(on('chair', 'down', { elbow: 0 }), hanging),
  'hands-on-wall': both(hand([0.0, 0.82, 0.02], 'front', { wrist: 70, rests: null })),
};
