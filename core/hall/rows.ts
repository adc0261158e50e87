import type { Envelope } from '../movement/sample/envelope';
import type { AnalysedClass } from '../session/findings/finding/finding';
import { facingsOf } from '../session/plan/line/facing';
import { type FreeFloor, freeFloor } from './freeFloor';
import type { Hall, Less } from './hall';
import { type LineFloor, lineFloor } from './lineFloor';
import { type MeetsWall, meetsWall } from './meetsWall';
import { type Layout, layOut, type Spot, takenBy } from './spots';
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

/**
 * The rows with room for all the way the class goes, where so many then find a place; else for its way to the sides, else for its way
 * forward and back, else for none of it: then the wall is told.
 */
function roomiest(floor: FreeFloor, sweep: Envelope, all: Envelope, pitch: number, people: number): Layout {
  const across = { ...sweep, left: all.left, right: all.right };
  const deep = { ...sweep, front: all.front, back: all.back };
  const layouts = [all, across, deep].map((room) => layOut(floor, room, pitch));
  return layouts.find(({ spots }) => spots.length >= people) ?? layOut(floor, sweep, pitch);
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
  const spots = takenBy(roomiest(floor, sweep, all, pitch, people), people);
  return {
    floor,
    floors,
    pitch,
    track,
    spots,
    wall: meetsWall(floor, spots, track, sweepIn({ floors })),
    fitWithWay: layOut(floor, all, pitch).spots.length,
  };
}
