import { SIDES, type Side } from '../../core/body/written/side';
import type { FootPlace } from '../../core/body/written/stance';
import type { Stride } from '../../core/movement/walk/stride';
import { SOLE } from './sole';
import './drawing.css';

interface Props {
  readonly strides: readonly Stride[];
  /** Height of the drawing in pixels at most. */
  readonly height: number;
  readonly width: number;
  readonly label: string;
  /** Numbers places on the way instead of every step: at which stride, and what is written there. */
  readonly stations?: readonly { readonly at: number; readonly label: string }[];
}

interface Print {
  readonly foot: FootPlace;
  readonly side: Side;
  readonly load: number;
  readonly order: number;
  readonly turned: number;
}

/** Every place a foot is put down or turned to, in order; a foot that stays is printed once. */
function printsOf(strides: readonly Stride[]): Print[] {
  const first = strides[0];
  if (!first) return [];
  const prints: Print[] = SIDES.map((side) => ({
    foot: first.from.feet[side],
    side,
    load: first.from.load[side],
    order: 0,
    turned: 0,
  }));
  let order = 0;
  for (const stride of strides)
    for (const side of SIDES) {
      const { moved, turned } = stride.feet[side];
      const foot = stride.to.feet[side];
      if (foot.contact === 'off') continue;
      if (moved >= 0.01) {
        order += 1;
        prints.push({ foot, side, load: stride.to.load[side], order, turned: 0 });
        continue;
      }
      // A foot that turns or takes weight where it stands darkens and is marked; it is no new print.
      const last = prints.findLastIndex((print) => print.side === side);
      const print = prints[last];
      if (!print) continue;
      const mark = Math.abs(turned) >= 4 ? turned : print.turned;
      prints[last] = { ...print, load: Math.max(print.load, stride.to.load[side]), turned: mark };
    }
  return prints;
}

/**
 * The floor from above with the front at the top: where the feet go, in order, how dark they bear, where they turn, and the
 * way the body faces at the end.
 */
export function FloorPath({ strides, height, width, label, stations }: Props) {
  const prints = printsOf(strides);
  const xs = prints.map(({ foot }) => foot.x * 100);
  const ys = prints.map(({ foot }) => -foot.y * 100);
  const [left, right] = [Math.min(...xs) - 26, Math.max(...xs) + 26];
  const [top, bottom] = [Math.min(...ys) - 30, Math.max(...ys) + 26];
  const scale = Math.min(height / (bottom - top), width / (right - left), 1.6);
  const middles = strides.map(({ to }) => [
    (to.feet.left.x + to.feet.right.x) * 50,
    -(to.feet.left.y + to.feet.right.y) * 50,
  ]);
  const last = strides.at(-1)?.to;
  const text = 10.5 / scale;
  return (
    <svg
      className="floor-path"
      width={(right - left) * scale}
      height={(bottom - top) * scale}
      viewBox={`${left} ${top} ${right - left} ${bottom - top}`}
      role="img"
      aria-label={label}
    >
      <path
        className="floor-way"
        d={`M${middles.map((point) => point.map((n = 0) => n.toFixed(1)).join(' ')).join('L')}`}
      />
      {prints.map(({ foot, side, load, order, turned }) => (
        <g key={`${order}-${side}`} transform={`translate(${foot.x * 100} ${-foot.y * 100})`}>
          <g transform={`rotate(${foot.angle}) scale(${side === 'left' ? -1 : 1} 1)`}>
            <path
              d={SOLE}
              className="floor-print"
              style={{ fillOpacity: (stations ? 0.25 : 0.75) * (0.08 + load / 109) }}
            />
          </g>
          {order > 0 && !stations && (
            <text className="floor-order" x={side === 'left' ? -12 : 12} y={3} fontSize={text} textAnchor="middle">
              {order}
              {turned !== 0 && <tspan className="floor-turn"> {turned > 0 ? '↻' : '↺'}</tspan>}
            </text>
          )}
        </g>
      ))}
      {stations?.map(({ at, label: written }) => {
        const [x = 0, y = 0] = middles[at] ?? [];
        return (
          <g key={written} transform={`translate(${x} ${y})`}>
            <circle className="floor-station" r={text * 0.85} />
            <text className="floor-station-label" y={text * 0.36} fontSize={text} textAnchor="middle">
              {written}
            </text>
          </g>
        );
      })}
      {last && (
        <g
          transform={`translate(${(last.feet.left.x + last.feet.right.x) * 50} ${-(last.feet.left.y + last.feet.right.y) * 50}) rotate(${last.heading + last.hips.turn})`}
        >
          <path className="floor-facing" d="M0-20 l4 8 h-8 Z" />
        </g>
      )}
    </svg>
  );
}
