import type { Envelope } from '../movement/sample/envelope';
import type { FreeFloor } from './freeFloor';
import type { Spot } from './spots';
import type { Station } from './track';

/** A side of the free floor. */
export type Edge = 'left' | 'right' | 'front' | 'back';

/** The first time somebody of the outer row meets something. */
export interface MeetsWall {
  readonly itemId: string;
  readonly segment: number;
  readonly atMs: number;
  /** A side of the floor, or something that stands on it. */
  readonly edge: Edge | 'thing';
  /** How far it would go on, metres. */
  readonly over: number;
}

/** What of the way may be off by the rounding of a drawing, metres. */
const SLACK = 0.02;

const MET = ['left', 'right', 'front', 'back', 'thing'] as const;

/** How far those at the edge of some spots are over the edge of the floor when the class has moved. */
function overBy({ floor }: FreeFloor, spots: readonly Spot[], sweep: Envelope, { x, y }: { x: number; y: number }) {
  const xs = spots.map((spot) => spot.x + x);
  const ys = spots.map((spot) => spot.y + y);
  return {
    left: floor.left - (Math.min(...xs) - sweep.left),
    right: Math.max(...xs) + sweep.right - floor.right,
    front: Math.max(...ys) + sweep.front - floor.front,
    back: floor.back - (Math.min(...ys) - sweep.back),
  };
}

/** How far somebody is into something that stands on the floor when the class has moved, metres; 0 where nobody is. */
function intoThings(
  { keptOut }: FreeFloor,
  spots: readonly Spot[],
  sweep: Envelope,
  { x, y }: { x: number; y: number },
): number {
  return Math.max(
    0,
    ...keptOut.flatMap(({ left, right, back, front }) =>
      spots.map((spot) =>
        Math.min(
          spot.x + x + sweep.right - left,
          right - (spot.x + x - sweep.left),
          spot.y + y + sweep.front - back,
          front - (spot.y + y - sweep.back),
        ),
      ),
    ),
  );
}

/**
 * The first line and step at which the outer row meets the edge of tonight's floor, or what stands on it; null where it never does.
 * @param sweepOf what one needs to each side in a line, without its way
 * @param moved where the rows begin from where they stand, metres
 */
export function meetsWall(
  floor: FreeFloor,
  spots: readonly Spot[],
  track: readonly Station[],
  sweepOf: (itemId: string) => Envelope | null,
  moved: { readonly x: number; readonly y: number } = { x: 0, y: 0 },
): MeetsWall | null {
  if (spots.length === 0) return null;
  for (const { segment, itemId, atMs, x, y } of track) {
    const sweep = sweepOf(itemId);
    if (!sweep) continue;
    const at = { x: x + moved.x, y: y + moved.y };
    const over = { ...overBy(floor, spots, sweep, at), thing: intoThings(floor, spots, sweep, at) };
    const edge = MET.find((one) => over[one] > SLACK);
    if (edge) return { itemId, segment, atMs, edge, over: over[edge] };
  }
  return null;
}

/** Where else to begin: half a metre to three, to one side. */
const MOVES = [0.5, 1, 1.5, 2, 2.5, 3] as const;
const TOWARDS: readonly { readonly to: Edge; readonly x: number; readonly y: number }[] = [
  { to: 'right', x: 1, y: 0 },
  { to: 'left', x: -1, y: 0 },
  { to: 'back', x: 0, y: -1 },
  { to: 'front', x: 0, y: 1 },
];

/** Beginning somewhere else. */
export interface BeginElsewhere {
  readonly to: Edge;
  readonly metres: number;
}

/** The least move with which nobody meets anything; null where none helps: it is not offered then. */
export function beginElsewhere(
  floor: FreeFloor,
  spots: readonly Spot[],
  track: readonly Station[],
  sweepOf: (itemId: string) => Envelope | null,
): BeginElsewhere | null {
  for (const metres of MOVES)
    for (const { to, x, y } of TOWARDS)
      if (!meetsWall(floor, spots, track, sweepOf, { x: x * metres, y: y * metres })) return { to, metres };
  return null;
}
