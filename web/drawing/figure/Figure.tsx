import { useMemo } from 'react';
import type { Pose } from '../../../core/body/pose';
import { type Skeleton, skeletonOf } from '../../../core/body/skeleton';
import { furniture } from './furniture';
import { partsOf } from './parts';
import { EYES, onPaper, type View } from './view';
import './figure.css';

interface Props {
  readonly pose: Pose;
  readonly view?: View;
  /** Pixels for a centimetre of the body; figures that are compared have the same. */
  readonly scale?: number;
  /** Leaves room above for raised hands, so that the head stays where it is while it moves. */
  readonly roomy?: boolean;
  /** What it shows, for those who do not see it; without it the drawing is decoration. */
  readonly label?: string;
}

/** The room a figure is drawn in, centimetres: from under the floor to above the head, or above raised hands. */
const RAISED = 214;
const OVER = 5;
const BELOW = 10;
const NARROWEST = 62;
const ROOMY = 190;
const TOP_HALF = 100;

function frameOf(body: Skeleton, view: View, roomy: boolean) {
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

/**
 * A body in ink, drawn from its posture and nothing else: near limbs dark, far limbs pale, each foot as dark as the weight
 * it bears.
 */
export function Figure({ pose, view = 'three-quarter', scale = 0.56, label, roomy = false }: Props) {
  const { frame, parts, ground } = useMemo(() => {
    const body = skeletonOf(pose);
    return {
      frame: frameOf(body, view, roomy),
      parts: partsOf(pose, body, EYES[view]),
      ground: furniture(pose, body, EYES[view]),
    };
  }, [pose, view, roomy]);
  return (
    <svg
      className="figure"
      width={frame.width * scale}
      height={frame.height * scale}
      viewBox={`${frame.x} ${frame.y} ${frame.width} ${frame.height}`}
      role="img"
      aria-hidden={label === undefined}
      aria-label={label ?? 'a figure'}
    >
      <path className="figure-furniture" d={ground} />
      {parts.map(({ name, path, far, weight }, index) => (
        <path
          key={index}
          className={`figure-${name}${far ? ' figure-far' : ''}`}
          d={path}
          {...(weight === undefined ? {} : { style: { fillOpacity: 0.08 + 0.92 * weight } })}
        />
      ))}
    </svg>
  );
}
