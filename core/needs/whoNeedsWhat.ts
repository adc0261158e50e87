import type { FindMovement } from '../movement/schema/movement';
import { adaptMovement } from '../session/plan/adaptMovement';
import { deepestFor } from '../session/plan/line/depth';
import type { Plan } from '../session/plan/session';
import type { Segment, Timeline } from '../session/timeline/segment';
import { lineAsks } from './lineAsks';
import type { Need } from './need';
import { STANDS_FOR } from './needRules';
import { type LineInClass, seatIn, type WayThrough, wayThrough } from './wayThrough';

/** Somebody who comes, by a number only: who that is stays with the people of the group. */
export interface Comer {
  readonly id: string;
  readonly needs: readonly Need[];
}

/** How each of those who come goes through one line. */
export interface LineNeeds {
  readonly itemId: string;
  readonly through: readonly { readonly id: string; readonly way: WayThrough }[];
}

/** A class laid out in time, with the movements it names. */
export interface ClassInTime {
  readonly plan: Pick<Plan, 'sections' | 'schools'>;
  readonly timeline: Timeline;
  readonly find: FindMovement;
}

function segmentsByLine({ segments }: Timeline): ReadonlyMap<string, readonly Segment[]> {
  const found = new Map<string, Segment[]>();
  for (const segment of segments) {
    if (segment.kind === 'settle') continue;
    const of = found.get(segment.itemId);
    if (of) of.push(segment);
    else found.set(segment.itemId, [segment]);
  }
  return found;
}

/** Every line of a class that moves, with what is needed to see who comes through it how. */
export function linesInClass({ plan, timeline, find }: ClassInTime): LineInClass[] {
  const segments = segmentsByLine(timeline);
  return plan.sections.flatMap(({ items }) =>
    items.flatMap((item): LineInClass[] => {
      const movement = item.kind === 'movement' ? find(item.movementId) : undefined;
      if (item.kind !== 'movement' || !movement) return [];
      return [
        {
          item,
          movement,
          segments: segments.get(item.id) ?? [],
          deepest: deepestFor(plan.sections, item.id),
          schools: plan.schools,
        },
      ];
    }),
  );
}

const standingIn = (line: LineInClass): number =>
  lineAsks(line, adaptMovement(line.movement, line.item, line.schools, line.deepest)).standingSeconds;

/** A seat for somebody who sits for parts, at every line before which they have stood for long enough. */
function seatsFor({ needs }: Comer, lines: readonly LineInClass[]): ReadonlyMap<string, WayThrough> {
  const seats = new Map<string, WayThrough>();
  if (!needs.some(({ kind }) => kind === 'sits-for-parts')) return seats;
  let stood = 0;
  for (const line of lines) {
    const stands = standingIn(line);
    if (stands === 0) stood = 0;
    else stood += stands;
    if (stood <= STANDS_FOR) continue;
    const seat = seatIn(line);
    // On the seat the other needs hold as well.
    const seated = seat && wayThrough({ ...line, item: { ...line.item, variant: seat.variant || null } }, needs);
    if (!seat || seated?.kind !== 'clear') continue;
    const why = [`sits for parts: ${Math.round(stood / 60)} minutes on the feet; ${STANDS_FOR / 60} are let pass`];
    seats.set(line.item.id, { ...seated, kind: 'seat', variant: seat.variant, name: seat.name, why });
    stood = 0;
  }
  return seats;
}

/**
 * How everybody who comes goes through each line of a class, line by line in the order of the class. Those for whom nothing is
 * written down are not in it.
 */
export function whoNeedsWhat(of: ClassInTime, comers: readonly Comer[]): LineNeeds[] {
  const lines = linesInClass(of);
  const some = comers
    .filter(({ needs }) => needs.length > 0)
    .map((comer) => ({ ...comer, seats: seatsFor(comer, lines) }));
  if (some.length === 0) return [];
  return lines.map((line) => ({
    itemId: line.item.id,
    through: some.map(({ id, needs, seats }) => {
      const way = wayThrough(line, needs);
      const seat = seats.get(line.item.id);
      return { id, way: seat && way.kind !== 'none' && way.kind !== 'seat' ? seat : way };
    }),
  }));
}

/** How many take which way through a line, for the screen that is read from three metres: counts, never names. */
export interface WayCount {
  readonly words: string;
  readonly count: number;
}

/** What is said of those for whom no way is known. */
export const NO_WAY = 'no known way: ask them';

const taken = ({ kind, name, support, say }: WayThrough): string[] => [
  ...(kind === 'way' || kind === 'seat' ? [kind === 'seat' ? 'a seat' : name] : []),
  ...(kind === 'none' ? [NO_WAY] : []),
  ...(support === null ? [] : [`a ${support} within reach`]),
  ...say,
];

/** The ways through one line in numbers, the most taken first: [{ words: 'the higher way', count: 3 }]. */
export function countWays({ through }: Pick<LineNeeds, 'through'>): WayCount[] {
  const counts = new Map<string, number>();
  for (const { way } of through) for (const words of taken(way)) counts.set(words, (counts.get(words) ?? 0) + 1);
  return [...counts]
    .map(([words, count]) => ({ words, count }))
    .toSorted((a, b) => b.count - a.count || a.words.localeCompare(b.words));
}

/** How many seats and holds a line wants at once: of chairs, and of a wall. */
export function supportsWanted({ through }: Pick<LineNeeds, 'through'>): {
  readonly chairs: number;
  readonly wall: number;
} {
  const chairs = through.filter(({ way }) => way.kind === 'seat' || way.support === 'chair').length;
  const wall = through.filter(({ way }) => way.kind !== 'seat' && way.support === 'wall').length;
  return { chairs, wall };
}
