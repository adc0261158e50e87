import { sumBy } from 'remeda';
import { wrapAngle } from '../../body/geometry/wrapAngle';
import type { Pose } from '../../body/standing/pose';
import { standIn } from '../../body/standing/stand';
import { changePosture } from '../../body/written/changePosture';
import type { Posture } from '../../body/written/posture';
import { SIDES, type Side } from '../../body/written/side';
import type { FootPlace } from '../../body/written/stance';
import type { Phase, Span } from '../schema/phase';
import { LIFTABLE, lowStretch, overlap } from './liftWindow';

/** What a foot does in a phase. */
export interface FootWork {
  /** Metres it is put down away from where it stood. */
  readonly moved: number;
  /** Degrees it turns, clockwise positive. */
  readonly turned: number;
  readonly leaves: boolean;
  /** When it is in the air or turning, as shares of the phase; null where it stays as it is. */
  readonly during: Span | null;
  /** Whether the window lies where the foot bears little enough to be lifted. */
  readonly free: boolean;
  /** When it rolls from one contact to another in its place; null where it does not. */
  readonly rolls: Span | null;
}

/** One phase walked: the pose it begins in, the pose it ends in, and how the feet get there. */
export interface Stride {
  readonly phase: Phase;
  readonly from: Pose;
  readonly to: Pose;
  readonly feet: Readonly<Record<Side, FootWork>>;
}

/** A stride that came out of a written posture, with the posture it ends in. */
export interface WrittenStride extends Stride {
  readonly posture: Posture;
}

const WHOLE: Span = [0, 1];
const STAYS: FootWork = { moved: 0, turned: 0, leaves: false, during: null, free: true, rolls: null };
/** A foot that is set down no further than this, metres, has not been moved. */
const SAME_PLACE = 0.004;

/** A foot that bears more than this does not roll: it is flat before, percent. */
export const ROLLABLE = 50;

/** Whether a foot meets the floor otherwise at the end. */
const isRolled = (a: FootPlace, b: FootPlace): boolean =>
  a.contact !== b.contact || a.pitch !== b.pitch || a.height !== b.height;

/**
 * When a foot rolls in its place: in the window that is asked for, where it bears no more than half then; otherwise while it does. One
 * that bears more all the time rolls as it is asked to.
 */
function rollsDuring(from: number, to: number, shift: Span, asked: Span): Span {
  const low = lowStretch(from, to, shift, ROLLABLE);
  return low ? (overlap(low, asked) ?? low) : asked;
}

const isOff = ({ contact }: FootPlace): boolean => contact === 'off';

/** What a foot does between two poses. */
function footWork(side: Side, from: Pose, to: Pose, phase: Phase): FootWork {
  const [a, b] = [from.feet[side], to.feet[side]];
  const moved = Math.hypot(b.x - a.x, b.y - a.y);
  const turned = wrapAngle(b.angle - a.angle);
  const lifts = moved > SAME_PLACE || isOff(a) !== isOff(b);
  const shift = phase.windows.load ?? WHOLE;
  const asked = phase.windows.feet ?? WHOLE;
  const rolls = !lifts && isRolled(a, b) ? rollsDuring(from.load[side], to.load[side], shift, asked) : null;
  if (!lifts && Math.abs(turned) < 0.5) return rolls ? { ...STAYS, rolls } : STAYS;
  const low = lowStretch(from.load[side], to.load[side], shift, lifts ? LIFTABLE : 40);
  const during = low && overlap(low, asked);
  return { moved, turned, leaves: lifts, during: during ?? asked, free: during !== null, rolls };
}

/**
 * Walks one phase from a pose.
 * @param posture as written, that `from` stands in
 */
export function strideOf(phase: Phase, posture: Posture, from: Pose): WrittenStride {
  const next = changePosture(posture, phase.to);
  const { to, feet } = strideTo(phase, from, standIn(next, from, phase.to));
  return { phase, from, to, feet, posture: next };
}

/** The stride from one pose to another. */
export const strideTo = (phase: Phase, from: Pose, to: Pose): Stride => ({
  phase,
  from,
  to,
  feet: { left: footWork('left', from, to, phase), right: footWork('right', from, to, phase) },
});

/** How far both feet have come, metres: the middle between them, from the first pose of a walk to its last. */
export function displacement(strides: readonly Stride[]): { readonly x: number; readonly y: number } {
  const [first, last] = [strides[0]?.from, strides.at(-1)?.to];
  if (!first || !last) return { x: 0, y: 0 };
  const middle = (pose: Pose, axis: 'x' | 'y') => sumBy(SIDES, (side) => pose.feet[side][axis] / 2);
  return { x: middle(last, 'x') - middle(first, 'x'), y: middle(last, 'y') - middle(first, 'y') };
}
