import { firstBy } from 'remeda';
import type { Envelope } from '../movement/sample/envelope';
import type { AnalysedClass } from '../session/findings/finding/finding';
import { facingsOf } from '../session/plan/line/facing';
import { type FreeFloor, freeFloor } from './freeFloor';
import type { Hall, Less } from './hall';
import { type LineFloor, lineFloor } from './lineFloor';
import { type MeetsWall, meetsWall } from './meetsWall';
import { layOut, type Spot, takenBy } from './spots';
import { classTrack, type Station } from './track';

/** The rows of a class on a floor, with the way they go. */
export interface Rows {
  readonly floor: FreeFloor;
  /** What each line takes of the floor, by its id. */
  readonly floors: ReadonlyMap<string, LineFloor>;
  readonly pitch: number;
  readonly track: readonly Station[];
  readonly spots: readonly Spot[];
  /** Where the outer row first meets something; null where it never does. */
  readonly wall: MeetsWall | null;
  /** How many fit with room for all the way of the class. */
  readonly fitWithWay: number;
}

/** What one needs to each side in a line, without its way; null for a line that nobody moves in. */
export const sweepIn =
  ({ floors }: Pick<Rows, 'floors'>) =>
  (itemId: string): Envelope | null =>
    floors.get(itemId)?.sweep ?? null;

const mostRoom = (rooms: readonly Envelope[]): Envelope => ({
  left: Math.max(0, ...rooms.map(({ left }) => left)),
  right: Math.max(0, ...rooms.map(({ right }) => right)),
  front: Math.max(0, ...rooms.map(({ front }) => front)),
  back: Math.max(0, ...rooms.map(({ back }) => back)),
});

/** What one needs to each side with all the way of the class. */
const withWay = (sweep: Envelope, track: readonly Station[]): Envelope => ({
  left: sweep.left + Math.max(0, ...track.map(({ x }) => -x)),
  right: sweep.right + Math.max(0, ...track.map(({ x }) => x)),
  front: sweep.front + Math.max(0, ...track.map(({ y }) => y)),
  back: sweep.back + Math.max(0, ...track.map(({ y }) => -y)),
});

/** Where there is no room for all of the way, rows are looked for with room for so much of it. */
const SHARES_OF_WAY = [0.75, 0.5, 0.25] as const;

/** What one needs to each side with a share of the way from the first to the second. */
const between = (sweep: Envelope, all: Envelope, share: number): Envelope => ({
  left: sweep.left + share * (all.left - sweep.left),
  right: sweep.right + share * (all.right - sweep.right),
  front: sweep.front + share * (all.front - sweep.front),
  back: sweep.back + share * (all.back - sweep.back),
});

interface RoomFor {
  readonly floor: FreeFloor;
  /** What one needs to each side in the widest of the lines, and with all the way of the class. */
  readonly sweep: Envelope;
  readonly all: Envelope;
  readonly pitch: number;
  readonly people: number;
}

/**
 * The rows in which so many have a place with room for all the way the class goes. Where there are none, those of some others that
 * meet something last: with room for its way to the sides, for its way forward and back, for a share of it, for none of it.
 * @param meets what a choice of spots meets
 */
function roomiest(
  { floor, sweep, all, pitch, people }: RoomFor,
  meets: (spots: readonly Spot[]) => MeetsWall | null,
): readonly Spot[] {
  const [withAll, ...others] = [
    all,
    { ...sweep, left: all.left, right: all.right },
    { ...sweep, front: all.front, back: all.back },
    ...SHARES_OF_WAY.map((share) => between(sweep, all, share)),
    sweep,
  ].map((room) => () => layOut(floor, room, pitch));
  const wanted = withAll?.();
  if (wanted && wanted.spots.length >= people) return takenBy(wanted, people);
  const laid = others.map((lay) => takenBy(lay(), people)).filter((spots) => spots.length >= people);
  const late = (spots: readonly Spot[]): number => meets(spots)?.atMs ?? Number.POSITIVE_INFINITY;
  // Where not even that many stand, as many as do.
  return firstBy(laid, [late, 'desc']) ?? takenBy(layOut(floor, sweep, pitch), people);
}

function floorsOf({
  plan,
  timeline,
  movements,
}: Pick<AnalysedClass, 'plan' | 'timeline' | 'movements'>): Map<string, LineFloor> {
  const facings = facingsOf(plan);
  return new Map(
    [...movements].map(([itemId, movement]) => {
      const own = timeline.segments.filter((segment) => segment.itemId === itemId);
      return [itemId, lineFloor(movement, own, facings.get(itemId) ?? 0)];
    }),
  );
}

/** Lays the rows of a class on a floor: where so many stand, which way they go, and where that ends at a wall. */
export function layRows(
  analysed: Pick<AnalysedClass, 'plan' | 'timeline' | 'movements'>,
  { hall, less, people }: { readonly hall: Hall; readonly less: Less; readonly people: number },
): Rows {
  const floor = freeFloor(hall, less);
  const floors = floorsOf(analysed);
  const pitch = Math.max(0, ...[...floors.values()].map((one) => one.pitch));
  const track = classTrack(analysed);
  const sweep = mostRoom([...floors.values()].map((one) => one.sweep));
  const all = withWay(sweep, track);
  const meets = (spots: readonly Spot[]) => meetsWall(floor, spots, track, sweepIn({ floors }));
  const spots = roomiest({ floor, sweep, all, pitch, people }, meets);
  return {
    floor,
    floors,
    pitch,
    track,
    spots,
    wall: meets(spots),
    fitWithWay: layOut(floor, all, pitch).spots.length,
  };
}
