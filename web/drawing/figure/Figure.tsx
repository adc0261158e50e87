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
  /** Height of the drawing in pixels. */
  readonly height?: number;
  /** What it shows, for those who do not see it; without it the drawing is decoration. */
  readonly label?: string;
  /** Draws the figure where it stands in the room rather than in the middle. */
  readonly inRoom?: boolean;
}

/** The room a figure is drawn in, centimetres: the floor to above raised hands, and as wide as needed from this. */
const ABOVE = 212;
const BELOW = 12;
const NARROWEST = 96;
const TOP_HALF = 100;

function frameOf(body: Skeleton, view: View, inRoom: boolean) {
  const eye = EYES[view];
  const [middle, depth] = onPaper(eye, inRoom ? [0, 0, 0] : [body.pelvis[0], body.pelvis[1], 0]);
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
  const half = Math.max(NARROWEST / 2, ...ends.map((end) => Math.abs(onPaper(eye, end)[0] - middle) + 7));
  return { x: middle - half, y: depth - ABOVE, width: half * 2, height: ABOVE + BELOW };
}

/**
 * A body in ink, drawn from its posture and nothing else: near limbs dark, far limbs pale, each foot as dark as the weight
 * it bears.
 */
export function Figure({ pose, view = 'three-quarter', height = 120, label, inRoom = false }: Props) {
  const { frame, parts, ground } = useMemo(() => {
    const body = skeletonOf(pose);
    return {
      frame: frameOf(body, view, inRoom),
      parts: partsOf(pose, body, EYES[view]),
      ground: furniture(pose, body, EYES[view]),
    };
  }, [pose, view, inRoom]);
  return (
    <svg
      className="figure"
      width={(height * frame.width) / frame.height}
      height={height}
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
