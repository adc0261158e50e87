import { skeletonOf } from '../../core/body/figure/skeleton';
import type { Pose } from '../../core/body/standing/pose';
import { frameOf } from '../drawing/figure/frameOf';
import { furniture } from '../drawing/figure/furniture';
import { partsOf } from '../drawing/figure/parts';
import { EYES } from '../drawing/figure/view';

const INK = '#232742';
const PALE = '#8f8b93';

/** A figure as SVG text with its colours written in, for paper: each limb with a rim of paper round it. */
export function figureSvg(pose: Pose): string {
  const eye = EYES['three-quarter'];
  const body = skeletonOf(pose);
  const { x, y, width, height } = frameOf(body, 'three-quarter', false);
  const shapes = partsOf(pose, body, eye).map(({ name, path, far, weight }) => {
    const colour = far ? PALE : INK;
    if (name === 'fingers') return `<path d="${path}" fill="none" stroke="${colour}" stroke-width="1.6"/>`;
    if (name === 'face') return `<path d="${path}" fill="none" stroke="#ffffff" stroke-width="2.2"/>`;
    if (name === 'foot')
      return `<path d="${path}" fill="${colour}" fill-opacity="${(0.08 + 0.92 * (weight ?? 1)).toFixed(2)}" stroke="${colour}" stroke-width="0.9"/>`;
    return `<path d="${path}" fill="#ffffff" stroke="#ffffff" stroke-width="2"/><path d="${path}" fill="${colour}"/>`;
  });
  const ground = `<path d="${furniture(pose, body, eye)}" fill="none" stroke="${PALE}" stroke-width="1"/>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${x} ${y} ${width} ${height}" width="${width}" height="${height}">${ground}${shapes.join('')}</svg>`;
}
