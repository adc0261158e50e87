import { useId } from 'react';
import type { Floor } from '../../core/hall/freeFloor';
import type { HallReport } from '../../core/hall/layClass';
import type { Spot } from '../../core/hall/spots';
import { SOLE } from '../drawing/sole';
import './hallPlan.css';

interface Props {
  readonly report: Pick<HallReport, 'across' | 'deep' | 'floor' | 'spots' | 'pitch' | 'instructor'>;
  /** How far the class is from its places, metres, and which way it is headed, degrees clockwise from the front. */
  readonly at?: { readonly x: number; readonly y: number; readonly heading: number };
  /** The places of those who are foremost now, and of the anchors. */
  readonly foremost?: readonly number[];
  readonly anchors?: readonly number[];
  readonly label: string;
}

/** A sole is drawn larger than it is, so that which way it points can be read across a hall. */
const SOLE_SCALE = 0.019;
const SOLES_APART = 0.13;
const EDGE = 0.35;

/** Two soles that stand and point a way. */
function Person({ x, y, heading, kind }: Spot & { readonly heading: number; readonly kind: string }) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${heading})`} className={`hall-person hall-person--${kind}`}>
      <path d={SOLE} transform={`translate(${-SOLES_APART} 0) scale(${-SOLE_SCALE} ${SOLE_SCALE})`} />
      <path d={SOLE} transform={`translate(${SOLES_APART} 0) scale(${SOLE_SCALE} ${SOLE_SCALE})`} />
    </g>
  );
}

/** The hall from above, the front at the top, in metres: the free floor, what is kept out of it, who stands where and looks which way. */
export function HallPlan({ report, at, foremost = [], anchors = [], label }: Props) {
  const hatch = useId();
  const { across, deep, floor, spots, pitch, instructor } = report;
  const { x: dx = 0, y: dy = 0, heading = 0 } = at ?? {};
  const top = (y: number): number => deep - y;
  const box = ({ left, right, back, front }: Floor) => ({
    x: left,
    y: top(front),
    width: Math.max(0, right - left),
    height: Math.max(0, front - back),
  });
  const facesInstructor = 180;
  return (
    <svg
      className="hall-plan"
      viewBox={`${-EDGE} ${-EDGE} ${across + 2 * EDGE} ${deep + 2 * EDGE}`}
      role="img"
      aria-label={label}
    >
      <pattern id={hatch} width="0.25" height="0.25" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line className="hall-hatch" x1="0" y1="0" x2="0" y2="0.25" />
      </pattern>
      <rect className="hall-walls" x={0} y={0} width={across} height={deep} />
      <rect className="hall-free" {...box(floor.floor)} />
      {floor.keptOut.map((out) => (
        <rect key={`${out.left} ${out.back}`} {...box(out)} fill={`url(#${hatch})`} className="hall-kept-out" />
      ))}
      <line className="hall-front" x1={0} x2={across} y1={0} y2={0} />
      <text x={0.15} y={0.55}>
        the front
      </text>
      {spots.map((spot, place) => {
        const kind = anchors.includes(place) ? 'anchor' : foremost.includes(place) ? 'foremost' : 'other';
        const [x, y] = [spot.x + dx, top(spot.y + dy)];
        return (
          <g key={`${spot.x} ${spot.y}`}>
            <circle className="hall-room" cx={x} cy={y} r={pitch / 2} />
            {kind === 'anchor' && <circle className="hall-anchor" cx={x} cy={y} r={0.45} />}
            <Person x={x} y={y} heading={heading} kind={kind} />
          </g>
        );
      })}
      <Person x={instructor.at.x} y={top(instructor.at.y)} heading={facesInstructor} kind="instructor" />
    </svg>
  );
}
