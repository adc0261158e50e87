import { useId } from 'react';
import { fromRoom, turned } from '../../core/body/geometry/frame';
import type { Pose } from '../../core/body/standing/pose';
import { isSeated } from '../../core/body/written/load';
import type { Side } from '../../core/body/written/side';
import type { Feet, FootPlace } from '../../core/body/written/stance';
import { SOLE } from './sole';
import './drawing.css';

const HALF_LENGTH = 12.75;
/** How much of the sole touches, from the toe end (top) to the heel end (bottom). */
const TOUCHING = { sole: [-13, 26], ball: [-13, 9], heel: [6.5, 7], edge: [-13, 26], off: [0, 0] } as const;

interface FootProps {
  readonly side: Side;
  readonly place: FootPlace;
  readonly percent: number;
}

/** One sole, filled from the heel up as far as the share of weight it bears. */
function Foot({ side, place, percent }: FootProps) {
  const clip = useId();
  const [top, height] = TOUCHING[place.contact];
  const filled = (height * percent) / 100;
  return (
    <g
      transform={`translate(${place.x * 100} ${-place.y * 100}) rotate(${place.angle}) scale(${side === 'left' ? -1 : 1} 1)`}
    >
      <clipPath id={clip}>
        <rect x={-6} y={place.contact === 'ball' ? top : top + height - filled} width={12} height={filled} />
      </clipPath>
      <path d={SOLE} className={`foot-outline foot-outline--${place.contact}`} />
      <path d={SOLE} className="foot-weight" clipPath={`url(#${clip})`} />
    </g>
  );
}

interface Props {
  readonly pose: Pose;
  /** What it shows, for those who do not see it. */
  readonly label: string;
  /** Height of the drawing in pixels; its width follows. */
  readonly height?: number;
  /** Writes each foot's share under it. */
  readonly labelled?: boolean;
}

/** The feet round their middle, as the mover looks down on them. */
function feetAround({ feet, heading }: Pose): Feet {
  const middle = [(feet.left.x + feet.right.x) / 2, (feet.left.y + feet.right.y) / 2] as const;
  const round = (foot: FootPlace): FootPlace => {
    const [x, y] = fromRoom(turned(heading), [foot.x - middle[0], foot.y - middle[1], 0]);
    return { ...foot, x, y, angle: foot.angle - heading };
  };
  return { left: round(feet.left), right: round(feet.right) };
}

/** In a small drawing a sole is at least this share of the height, so that its weight can be read. */
const LEAST_SOLE = 0.56;
const SOLE_LENGTH = 2 * HALF_LENGTH;
const SOLE_BREADTH = 9.6;

/**
 * The two feet from above as they stand, each filled in proportion to the weight on it. Large drawings are to scale; in
 * small ones the feet draw together rather than shrink.
 */
export function Footprints({ pose, label, height = 44, labelled = false }: Props) {
  const { load } = pose;
  const feet = feetAround(pose);
  const places = [feet.left, feet.right];
  const sits = isSeated(load);
  const across = 2 * Math.max(...places.map(({ x }) => Math.abs(x * 100)));
  const ys = places.map(({ y }) => -y * 100);
  const [top, bottom] = [Math.min(...ys), Math.max(...ys) + (sits ? 26 : 0)];
  const trueScale = Math.min(
    height / (bottom - top + SOLE_LENGTH + 2),
    height / 34,
    (height * 1.45) / (across + SOLE_BREADTH * 2),
  );
  const scale = Math.max(trueScale, (LEAST_SOLE * height) / SOLE_LENGTH);
  // How far the places draw together where the soles are larger than the scale.
  const room = height / scale - SOLE_LENGTH - 2;
  const closer = Math.min(
    1,
    bottom > top ? room / (bottom - top) : 1,
    across > 0 ? ((height * 1.45) / scale - SOLE_BREADTH * 2) / across : 1,
  );
  const drawn = (place: FootPlace): FootPlace => ({ ...place, x: place.x * closer, y: place.y * closer });
  const w = across * closer + SOLE_BREADTH * 2;
  const h = (bottom - top) * closer + SOLE_LENGTH + 2;
  const y = top * closer - HALF_LENGTH - 1;
  return (
    <figure className="footprints">
      <svg width={w * scale} height={h * scale} viewBox={`${-w / 2} ${y} ${w} ${h}`} role="img" aria-label={label}>
        {sits && <rect className="foot-seat" x={-16} y={HALF_LENGTH + 2} width={32} height={18 * closer} rx={3} />}
        <Foot side="left" place={drawn(feet.left)} percent={load.left} />
        <Foot side="right" place={drawn(feet.right)} percent={load.right} />
      </svg>
      {labelled && (
        <figcaption className="number" aria-hidden>
          {load.left} / {load.right}
        </figcaption>
      )}
    </figure>
  );
}
