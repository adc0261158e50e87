import type { Skeleton } from '../../../core/body/figure/skeleton';
import { along, type Vec } from '../../../core/body/geometry/vector';
import type { Pose } from '../../../core/body/standing/pose';
import { SIDES } from '../../../core/body/written/side';
import { line } from './ink';
import { type Eye, onPaper } from './view';

/** The chair or wall that a pose leans on, as plain lines. */
export function furniture(pose: Pose, body: Skeleton, eye: Eye): string {
  const { right, forward } = body.pelvisFrame;
  const drawn: string[] = [];
  const draw = (...points: Vec[]) => drawn.push(line(points.map((point) => onPaper(eye, point))));
  const chair = ([x, y]: readonly [number, number], facing: Vec, seat: number, back: number) => {
    const side: Vec = [facing[1], -facing[0], 0];
    const corner = (across: number, ahead: number, z: number): Vec => {
      const [px, py] = along(along([x, y, 0], side, across), facing, ahead);
      return [px, py, z];
    };
    draw(
      corner(-0.2, -0.2, seat),
      corner(0.2, -0.2, seat),
      corner(0.2, 0.2, seat),
      corner(-0.2, 0.2, seat),
      corner(-0.2, -0.2, seat),
    );
    for (const [a, f] of [
      [-0.2, -0.2],
      [0.2, -0.2],
      [0.2, 0.2],
      [-0.2, 0.2],
    ] as const)
      draw(corner(a, f, seat), corner(a, f, 0));
    draw(corner(-0.2, -0.2, seat), corner(-0.2, -0.2, back), corner(0.2, -0.2, back), corner(0.2, -0.2, seat));
  };
  if (pose.seat) chair([pose.seat.x, pose.seat.y], forward, 0.43, 0.85);
  for (const side of SIDES) {
    const { wrist } = body.arms[side];
    if (pose.hands[side].rests === 'chair') {
      const out = side === 'right' ? 0.06 : -0.06;
      const [x, y] = along(wrist, right, out);
      chair([x + forward[0] * -0.2, y + forward[1] * -0.2], [-forward[0], -forward[1], 0], 0.45, 0.88);
    }
    if (pose.hands[side].rests === 'wall') {
      const [x, y] = along(wrist, right, side === 'right' ? 0.1 : -0.1);
      const [fx, fy] = [forward[0] * 0.4, forward[1] * 0.4];
      draw([x - fx, y - fy, 0], [x + fx, y + fy, 0], [x + fx, y + fy, 1.7], [x - fx, y - fy, 1.7], [x - fx, y - fy, 0]);
    }
  }
  return drawn.join('');
}
