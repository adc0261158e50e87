import type { Skeleton } from '../../../core/body/figure/skeleton';
import { EYES, onPaper, type View } from './view';

/** The room a figure is drawn in, centimetres: from under the floor to above the head, or above raised hands. */
const RAISED = 214;
const OVER = 5;
const BELOW = 10;
const NARROWEST = 62;
const ROOMY = 190;
const TOP_HALF = 100;

/** The part of the paper a figure takes, centimetres. */
export function frameOf(body: Skeleton, view: View, roomy: boolean) {
  const eye = EYES[view];
  const [middle, depth] = onPaper(eye, [body.pelvis[0], body.pelvis[1], 0]);
  if (view === 'top') return { x: middle - TOP_HALF, y: depth - TOP_HALF, width: TOP_HALF * 2, height: TOP_HALF * 2 };
  const ends = [
    body.arms.left.tip,
    body.arms.right.tip,
    body.legs.left.toe,
    body.legs.right.toe,
    body.legs.left.heel,
    body.legs.right.heel,
    body.head,
  ];
  const half = Math.max(
    (roomy ? ROOMY : NARROWEST) / 2,
    ...ends.map((end) => Math.abs(onPaper(eye, end)[0] - middle) + 7),
  );
  const top = Math.max(
    ...[body.crown, body.arms.left.tip, body.arms.right.tip].map((end) => depth - onPaper(eye, end)[1]),
  );
  const above = roomy ? RAISED : top + OVER;
  return { x: middle - half, y: depth - above, width: half * 2, height: above + BELOW };
}
