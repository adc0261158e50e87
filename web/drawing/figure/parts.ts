import { clamp } from 'remeda';
import type { Skeleton } from '../../../core/body/figure/skeleton';
import { add, along, between, dot, scale, subtract, type Vec } from '../../../core/body/geometry/vector';
import type { Pose } from '../../../core/body/standing/pose';
import type { HandShape } from '../../../core/body/written/hand';
import { SIDES, type Side } from '../../../core/body/written/side';
import { circle, line, stroke, swung } from './ink';
import { type Dot, type Eye, nearness, onPaper } from './view';

/** One stroke or shape of a figure. Parts are painted from far to near. */
export interface Part {
  readonly name: 'leg' | 'arm' | 'trunk' | 'head' | 'foot' | 'hand' | 'fingers' | 'face';
  readonly path: string;
  readonly near: number;
  /** On the side of the body turned away from the eye. */
  readonly far: boolean;
  /** For a foot: the share of weight on it, 0 to 1. */
  readonly weight?: number;
}

/** Radii of the strokes in hundredths of body height. */
const GIRTH = {
  thigh: [4.6, 3.1],
  shank: [3.1, 1.7],
  upperArm: [2.6, 1.9],
  forearm: [1.9, 1.25],
  foot: [1.7, 1.1],
  neck: [2.3, 2],
  head: 5.4,
} as const;

/** Half widths and half depths of the trunk from the seat to the shoulders, in hundredths of body height. */
const RINGS = [
  { at: -0.17, wide: 8.4, deep: 6 },
  { at: -0.06, wide: 8.6, deep: 6 },
  { at: 0.1, wide: 8.6, deep: 6 },
  { at: 0.42, wide: 7.2, deep: 5.2 },
  { at: 0.72, wide: 8.8, deep: 6 },
  { at: 0.94, wide: 11.4, deep: 5 },
  { at: 1.04, wide: 8, deep: 3.8 },
  { at: 1.09, wide: 2.6, deep: 2.4 },
] as const;

/** A knee this much nearer than its hip, in metres, is drawn before the trunk; otherwise the tunic covers the hip. */
const LIFTED = 0.12;

export function partsOf(pose: Pose, body: Skeleton, eye: Eye): Part[] {
  const unit = body.size.height;
  const paper = (point: Vec): Dot => onPaper(eye, point);
  const farSide = (side: Side): boolean => {
    const towards = dot(body.chestFrame.right, eye.nearer) * (side === 'right' ? 1 : -1);
    return towards < -0.25;
  };
  const middle = nearness(eye, body.spine[1]);
  const parts: Part[] = [];

  for (const side of SIDES) {
    const { hip, knee, shankEnd, heel, ball, toe } = body.legs[side];
    const far = farSide(side);
    const [t0, t1] = GIRTH.thigh;
    const [s0, s1] = GIRTH.shank;
    const ahead = (point: Vec) => nearness(eye, point);
    parts.push({
      name: 'leg',
      far,
      near: ahead(knee) - ahead(hip) > LIFTED ? middle + 0.03 : Math.min(middle - 0.02, (ahead(hip) + ahead(knee)) / 2),
      path:
        stroke(paper(hip), paper(knee), t0 * unit, t1 * unit) +
        stroke(paper(knee), paper(shankEnd), s0 * unit, s1 * unit),
    });
    const [f0, f1] = GIRTH.foot;
    const lift = (point: Vec, by: number): Vec => [point[0], point[1], point[2] + (by * unit) / 100];
    parts.push({
      name: 'foot',
      far,
      near: ahead(ball) - 0.03,
      weight: pose.load[side] / 100,
      path:
        stroke(paper(lift(between(heel, ball, 0.12), f0)), paper(lift(ball, f1)), f0 * unit, f1 * unit * 1.15) +
        stroke(
          paper(lift(ball, f1)),
          paper(lift(between(ball, toe, 0.75), f1 * 0.8)),
          f1 * unit * 1.15,
          f1 * unit * 0.8,
        ),
    });
  }

  const { spine, head, headFrame } = body;
  const chin = along(head, headFrame.up, -0.4 * (GIRTH.head / 100) * unit);
  parts.push({
    name: 'trunk',
    far: false,
    near: middle,
    path: trunkPath(body, eye) + stroke(paper(spine[3]), paper(chin), GIRTH.neck[0] * unit, GIRTH.neck[1] * unit),
  });
  parts.push({
    name: 'head',
    far: false,
    near: nearness(eye, head) + 0.01,
    path: headPath(body, eye),
  });
  const face = facePath(body, eye);
  if (face) parts.push({ name: 'face', far: false, near: nearness(eye, head) + 0.011, path: face });

  for (const side of SIDES) {
    const { shoulder, elbow, wrist, tip } = body.arms[side];
    const [u0, u1] = GIRTH.upperArm;
    const [a0, a1] = GIRTH.forearm;
    const near = (nearness(eye, shoulder) + 2 * nearness(eye, elbow) + 2 * nearness(eye, wrist)) / 5;
    const far = farSide(side) || near < middle - 0.06;
    parts.push({
      name: 'arm',
      far,
      near,
      path:
        stroke(paper(shoulder), paper(elbow), u0 * unit, u1 * unit) +
        stroke(paper(elbow), paper(wrist), a0 * unit, a1 * unit),
    });
    parts.push(
      ...handParts(pose.hands[side].shape, wrist, tip, elbow, eye, unit).map((part) => ({
        ...part,
        far,
        near: near + 0.002,
      })),
    );
  }
  return parts.toSorted((a, b) => a.near - b.near);
}

/** The trunk as one shape: the outline of its rings, wherever they are seen from. */
function trunkPath(body: Skeleton, eye: Eye): string {
  const { spine, pelvisFrame, chestFrame, size } = body;
  const unit = size.height / 100;
  const point = (share: number): Vec => {
    const place = clamp(share * 3, { min: 0, max: 2.999 });
    const bone = Math.floor(place);
    return between(spine[bone] as Vec, spine[bone + 1] as Vec, share * 3 - bone);
  };
  const left: Dot[] = [];
  const right: Dot[] = [];
  const top = onPaper(eye, spine[3]);
  const bottom = onPaper(eye, spine[0]);
  const tall = Math.hypot(top[0] - bottom[0], top[1] - bottom[1]);
  for (const { at, wide, deep } of RINGS) {
    const share = clamp(at, { min: 0, max: 1 });
    const across = scale(add(scale(pelvisFrame.right, 1 - share), scale(chestFrame.right, share)), wide * unit);
    const ahead = scale(add(scale(pelvisFrame.forward, 1 - share), scale(chestFrame.forward, share)), deep * unit);
    const centre = onPaper(eye, point(at));
    const [a, b] = [onPaper(eye, across), onPaper(eye, ahead)];
    if (tall < 6) {
      left.push([centre[0] - Math.hypot(a[0], b[0]), centre[1]]);
      right.push([centre[0] + Math.hypot(a[0], b[0]), centre[1]]);
      continue;
    }
    const before = onPaper(eye, point(at - 0.1));
    const after = onPaper(eye, point(at + 0.1));
    const far = Math.hypot(after[0] - before[0], after[1] - before[1]) || 1;
    const square: Dot = [-(after[1] - before[1]) / far, (after[0] - before[0]) / far];
    const half = Math.hypot(a[0] * square[0] + a[1] * square[1], b[0] * square[0] + b[1] * square[1]);
    left.push([centre[0] + square[0] * half, centre[1] + square[1] * half]);
    right.push([centre[0] - square[0] * half, centre[1] - square[1] * half]);
  }
  if (tall < 6) return topOfTrunk(body, eye);
  return swung([...left, ...right.toReversed()]);
}

/** Seen from above the trunk is its widest ring. */
function topOfTrunk({ spine, chestFrame, size }: Skeleton, eye: Eye): string {
  const unit = size.height / 100;
  const ring: Dot[] = [];
  for (let step = 0; step < 12; step += 1) {
    const turn = (step / 12) * 2 * Math.PI;
    const [wide, deep] = [11 * unit * Math.cos(turn), 5.6 * unit * Math.sin(turn)];
    ring.push(onPaper(eye, along(along(spine[3], chestFrame.right, wide), chestFrame.forward, deep)));
  }
  return swung(ring);
}

/** Head, nose and a knot of hair behind: which way it looks is seen from everywhere. */
function headPath({ head, headFrame, size }: Skeleton, eye: Eye): string {
  const radius = (GIRTH.head / 100) * size.height;
  const at = (forward: number, up: number): Dot =>
    onPaper(eye, along(along(head, headFrame.forward, radius * forward), headFrame.up, radius * up));
  const r = radius * 100;
  return (
    stroke(at(0, 0.22), at(0.12, -0.42), r, r * 0.74) +
    stroke(at(0.7, -0.05), at(1.08, -0.22), r * 0.3, r * 0.12) +
    circle(at(-0.86, 0.72), r * 0.4)
  );
}

/** A light mark where the face looks at the eye; nothing when it looks aside or away. */
function facePath({ head, headFrame, size }: Skeleton, eye: Eye): string | null {
  if (dot(headFrame.forward, eye.nearer) < 0.55) return null;
  const radius = (GIRTH.head / 100) * size.height;
  const at = (down: number): Dot =>
    onPaper(eye, along(along(head, headFrame.forward, radius), headFrame.up, -radius * down));
  return line([at(-0.05), at(0.22)]);
}

/** A hand by its shape: flat and long, round, bent over, one finger out, spread. */
function handParts(
  shape: HandShape,
  wrist: Vec,
  tip: Vec,
  elbow: Vec,
  eye: Eye,
  unit: number,
): Pick<Part, 'name' | 'path'>[] {
  const paper = (point: Vec): Dot => onPaper(eye, point);
  const wristDot = paper(wrist);
  const towards = (share: number): Dot => paper(between(wrist, tip, share));
  switch (shape) {
    case 'open':
    case 'palms-joined':
      return [
        {
          name: 'hand',
          path:
            stroke(wristDot, towards(0.55), 1.2 * unit, 1.45 * unit) +
            stroke(towards(0.55), towards(0.95), 1.35 * unit, 0.5 * unit),
        },
      ];
    case 'fist':
    case 'loose-fist':
    case 'interlaced':
      return [
        { name: 'hand', path: stroke(wristDot, towards(0.42), 1.2 * unit, (shape === 'fist' ? 2.1 : 1.9) * unit) },
      ];
    case 'pointing':
      return [
        { name: 'hand', path: stroke(wristDot, towards(0.4), 1.2 * unit, 1.7 * unit) },
        { name: 'fingers', path: line([towards(0.4), towards(1.05)]) },
      ];
    case 'sword-fingers':
    case 'one-finger': {
      const palm = towards(0.4);
      const end = towards(1.05);
      const [dx, dy] = [end[0] - palm[0], end[1] - palm[1]];
      const finger = (spread: number): string => line([palm, [palm[0] + dx - dy * spread, palm[1] + dy + dx * spread]]);
      // Two fingers stand side by side, or one alone over the others that are curled.
      const standing = shape === 'sword-fingers' ? [-0.09, 0.09] : [0];
      return [
        { name: 'hand', path: circle(palm, 1.5 * unit) + stroke(wristDot, palm, 1.2 * unit, 1.5 * unit) },
        { name: 'fingers', path: standing.map(finger).join('') },
      ];
    }
    case 'curled': {
      const bent = along(between(wrist, tip, 0.5), subtract(elbow, wrist), 0.12);
      return [
        {
          name: 'hand',
          path:
            stroke(wristDot, towards(0.5), 1.2 * unit, 1.5 * unit) +
            stroke(towards(0.5), paper(bent), 1.1 * unit, 0.7 * unit),
        },
      ];
    }
    case 'hook': {
      const knuckles = along(wrist, subtract(wrist, elbow), 0.12);
      const point = between(knuckles, tip, 0.75);
      return [
        {
          name: 'hand',
          path:
            stroke(wristDot, paper(knuckles), 1.2 * unit, 1.2 * unit) +
            stroke(paper(knuckles), paper(point), 1.2 * unit, 0.4 * unit),
        },
      ];
    }
    case 'claw': {
      const palm = towards(0.4);
      const end = towards(0.95);
      const [dx, dy] = [end[0] - palm[0], end[1] - palm[1]];
      const finger = (spread: number): string => line([palm, [palm[0] + dx - dy * spread, palm[1] + dy + dx * spread]]);
      return [
        { name: 'hand', path: circle(palm, 1.8 * unit) + stroke(wristDot, palm, 1.2 * unit, 1.6 * unit) },
        { name: 'fingers', path: [-0.5, 0, 0.5].map(finger).join('') },
      ];
    }
  }
}
