import type { Dot } from './view';

const n = (value: number): string => String(Math.round(value * 10) / 10);
const at = ([x, y]: Dot): string => `${n(x)} ${n(y)}`;

/** A stroke from one round end to another of another width, as a brush leaves it: the outline of two circles and between. */
export function stroke(from: Dot, to: Dot, fromRadius: number, toRadius: number): string {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const far = Math.hypot(dx, dy);
  // One end swallows the other when they all but coincide.
  if (far <= Math.abs(fromRadius - toRadius) + 0.05) {
    const [centre, radius] = fromRadius >= toRadius ? [from, fromRadius] : [to, toRadius];
    return circle(centre, radius);
  }
  const lean = Math.asin((fromRadius - toRadius) / far);
  const along = Math.atan2(dy, dx);
  const edge = ([x, y]: Dot, radius: number, turn: number): Dot => [
    x + radius * Math.cos(along + turn),
    y + radius * Math.sin(along + turn),
  ];
  const over = Math.PI / 2 - lean;
  const [a, b] = [edge(from, fromRadius, over), edge(to, toRadius, over)];
  const [c, d] = [edge(to, toRadius, -over), edge(from, fromRadius, -over)];
  const large = lean > 0 ? 1 : 0;
  return `M${at(a)}L${at(b)}A${n(toRadius)} ${n(toRadius)} 0 ${1 - large} 0 ${at(c)}L${at(d)}A${n(fromRadius)} ${n(fromRadius)} 0 ${large} 0 ${at(a)}Z`;
}

export function circle([x, y]: Dot, radius: number): string {
  const r = n(radius);
  return `M${n(x - radius)} ${n(y)}A${r} ${r} 0 1 0 ${n(x + radius)} ${n(y)}A${r} ${r} 0 1 0 ${n(x - radius)} ${n(y)}Z`;
}

/** A closed line that swings through all its points. */
export function swung(points: readonly Dot[]): string {
  const count = points.length;
  const dot = (index: number): Dot => points[(index + count) % count] as Dot;
  let path = `M${at(dot(0))}`;
  for (let index = 0; index < count; index += 1) {
    const [p0, p1, p2, p3] = [dot(index - 1), dot(index), dot(index + 1), dot(index + 2)];
    const c1: Dot = [p1[0] + (p2[0] - p0[0]) / 6, p1[1] + (p2[1] - p0[1]) / 6];
    const c2: Dot = [p2[0] - (p3[0] - p1[0]) / 6, p2[1] - (p3[1] - p1[1]) / 6];
    path += `C${at(c1)} ${at(c2)} ${at(p2)}`;
  }
  return `${path}Z`;
}

export const line = (points: readonly Dot[]): string => `M${points.map(at).join('L')}`;
