import { useMemo } from 'react';
import { skeletonOf } from '../../../core/body/figure/skeleton';
import type { Pose } from '../../../core/body/standing/pose';
import { frameOf } from './frameOf';
import { furniture } from './furniture';
import { partsOf } from './parts';
import { EYES, type View } from './view';
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
