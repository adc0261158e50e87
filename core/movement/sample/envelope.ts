import { skeletonOf } from '../../body/figure/skeleton';
import type { Vec } from '../../body/geometry/vector';
import { SIDES } from '../../body/written/side';
import type { Stride } from '../walk/stride';
import { FULL_SIZE } from './overlayRun';
import { samplePose } from './samplePose';

/** The floor a walk sweeps over, metres from the middle of its first feet: hands, head and feet, from above. */
export interface Envelope {
  readonly left: number;
  readonly right: number;
  readonly front: number;
  readonly back: number;
}

/** How often a stride is looked at; hands swing out between keyframes. */
const LOOKS = 4;

/** Everything the body reaches in a walk, seen from above. An empty walk needs no room. */
export function envelopeOf(strides: readonly Stride[]): Envelope {
  const first = strides[0]?.from;
  if (!first) return { left: 0, right: 0, front: 0, back: 0 };
  const { left: l, right: r } = first.feet;
  const [x0, y0] = [(l.x + r.x) / 2, (l.y + r.y) / 2];
  let [left, right, front, back] = [0, 0, 0, 0];
  const reach = ([x, y]: Vec) => {
    left = Math.max(left, x0 - x);
    right = Math.max(right, x - x0);
    front = Math.max(front, y - y0);
    back = Math.max(back, y0 - y);
  };
  for (const stride of strides)
    for (let look = 1; look <= LOOKS; look += 1) {
      const body = skeletonOf(samplePose(stride, look / LOOKS, 4, FULL_SIZE));
      reach(body.head);
      for (const side of SIDES) {
        reach(body.arms[side].tip);
        reach(body.arms[side].elbow);
        reach(body.legs[side].toe);
        reach(body.legs[side].heel);
      }
    }
  return { left, right, front, back };
}
