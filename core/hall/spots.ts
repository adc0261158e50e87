import type { Envelope } from '../movement/sample/envelope';
import type { Floor, FreeFloor } from './freeFloor';

/** Where somebody stands: metres to the right and to the front, from the back left corner. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** Layouts are tried at so many metres from the corner, and further by as much. */
const STEP = 0.25;
const EPSILON = 1e-9;

const meets = (spot: Spot, room: Envelope, { left, right, back, front }: Floor): boolean =>
  spot.x + room.right > left + EPSILON &&
  spot.x - room.left < right - EPSILON &&
  spot.y + room.front > back + EPSILON &&
  spot.y - room.back < front - EPSILON;

/** Where in a floor one may stand with so much room to each side; null where there is nowhere. */
function standing({ left, right, back, front }: Floor, room: Envelope): Floor | null {
  const inner = {
    left: left + room.left,
    right: right - room.right,
    back: back + room.back,
    front: front - room.front,
  };
  return inner.left > inner.right + EPSILON || inner.back > inner.front + EPSILON ? null : inner;
}

/** How rows lie: so far from one to the next and within one, every other one moved by half. */
interface Rows {
  readonly within: number;
  readonly between: number;
  readonly shift: number;
  /** Whether rows go from the back to the front instead of from left to right. */
  readonly lengthways: boolean;
}

/** Staggered rows may be closer: the next one stands in the gaps. */
const STAGGERED = Math.sqrt(3) / 2;

const layoutsOf = (pitch: number): readonly Rows[] => [
  { within: pitch, between: pitch, shift: 0, lengthways: false },
  { within: pitch, between: pitch * STAGGERED, shift: pitch / 2, lengthways: false },
  { within: pitch, between: pitch * STAGGERED, shift: pitch / 2, lengthways: true },
];

/** The spots of rows that begin so far in, all with their room on the floor. Front rows first, each from left to right. */
function spotsIn(inner: Floor, rows: Rows, start: { readonly along: number; readonly over: number }): Spot[] {
  const { within, between, shift, lengthways } = rows;
  const [from, to, low, high] = lengthways
    ? [inner.back, inner.front, inner.left, inner.right]
    : [inner.left, inner.right, inner.back, inner.front];
  const spots: Spot[] = [];
  for (let row = 0; low + start.over + row * between <= high + EPSILON; row += 1) {
    const over = low + start.over + row * between;
    const first = from + ((start.along + (row % 2) * shift) % within);
    for (let along = first; along <= to + EPSILON; along += within)
      spots.push(lengthways ? { x: over, y: along } : { x: along, y: over });
  }
  return spots;
}

/** Everything a layout was chosen by. */
export interface Layout {
  readonly spots: readonly Spot[];
  readonly pitch: number;
}

const startsUpTo = (most: number): number[] => {
  const starts: number[] = [];
  for (let at = 0; at < most - EPSILON; at += STEP) starts.push(at);
  return starts;
};

/**
 * The most spots a free floor has, over rows one behind the other and in the gaps of the one before, from left to right or from back
 * to front, begun every quarter of a metre.
 * @param room what one needs to each side, with all the way the class goes
 * @param pitch how far one stands from the next, metres
 */
export function layOut({ floor, keptOut }: FreeFloor, room: Envelope, pitch: number): Layout {
  const inner = standing(floor, room);
  if (!inner) return { spots: [], pitch };
  let best: Spot[] = [];
  for (const rows of layoutsOf(pitch))
    for (const along of startsUpTo(pitch))
      for (const over of startsUpTo(rows.between)) {
        const spots = spotsIn(inner, rows, { along, over }).filter(
          (spot) => !keptOut.some((out) => meets(spot, room, out)),
        );
        if (spots.length > best.length) best = spots;
      }
  return { spots: centred(best, inner, keptOut, room), pitch };
}

/** The spots moved to the middle of what room they have, where nothing is then in their way; the front row stays in front. */
function centred(spots: readonly Spot[], inner: Floor, keptOut: readonly Floor[], room: Envelope): Spot[] {
  if (spots.length === 0) return [];
  const xs = spots.map(({ x }) => x);
  const ys = spots.map(({ y }) => y);
  const dx = (inner.right - Math.max(...xs) - (Math.min(...xs) - inner.left)) / 2;
  const dy = inner.front - Math.max(...ys);
  const moved = spots.map(({ x, y }) => ({ x: x + dx, y: y + dy }));
  const isFree = moved.every((spot) => !keptOut.some((out) => meets(spot, room, out)));
  return (isFree ? moved : [...spots]).toSorted((a, b) => b.y - a.y || a.x - b.x);
}

/** So many of the spots as come: those nearest to the middle of the front, whole rows first. */
export function takenBy({ spots, pitch }: Layout, people: number): Spot[] {
  const middle =
    spots.length === 0 ? 0 : (Math.min(...spots.map(({ x }) => x)) + Math.max(...spots.map(({ x }) => x))) / 2;
  const rowOf = ({ y }: Spot) => Math.round(-y / (pitch / 4));
  return spots
    .toSorted((a, b) => rowOf(a) - rowOf(b) || Math.abs(a.x - middle) - Math.abs(b.x - middle) || a.x - b.x)
    .slice(0, people)
    .toSorted((a, b) => b.y - a.y || a.x - b.x);
}
