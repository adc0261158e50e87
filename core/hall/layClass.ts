import { isSeated } from '../body/written/load';
import type { Movement } from '../movement/schema/movement';
import { baseId } from '../movement/schema/version';
import type { NeedKind } from '../needs/need';
import type { AnalysedClass } from '../session/findings/finding/finding';
import { fewestAnchors } from './anchors';
import type { Floor, FreeFloor } from './freeFloor';
import { acrossAndDeep, type Hall, type Less, wallPlaces } from './hall';
import { type BeginElsewhere, beginElsewhere, type MeetsWall } from './meetsWall';
import { layRows, sweepIn } from './rows';
import { type InstructorPlace, instructorPlace, type SightMap, seenInFront, sightMap } from './sight';
import { layOut, type Spot } from './spots';
import type { Station } from './track';
import { foremost, type Headed, headedIn, headingsOf, isBehindBack, type Turned } from './turns';

/** What a class is laid over. */
export interface HallRequest {
  readonly hall: Hall;
  readonly less: Less;
  /** How many come. */
  readonly people: number;
  /** How many of them have seen a movement, by its base id; a movement that is not in it is known to nobody here. */
  readonly seenBy: Readonly<Record<string, number>>;
  /** How many of them are beginners: they want somebody ahead of them. */
  readonly beginners: number;
}

/** How many fit at a line. */
export interface LineFits {
  readonly itemId: string;
  readonly fits: number;
  readonly pitch: number;
}

/** Who is foremost when the class is headed a way. */
export interface Front extends Turned {
  /** The places of those spots. */
  readonly foremost: readonly number[];
  /** How many of them have the instructor behind their back. */
  readonly behind: number;
  /** The share of the class that sees the instructor then, from the middle of the front. */
  readonly seen: number;
  /** How many of those who come have seen every line that goes that way. */
  readonly knowing: number;
}

/** What a quarter turn of the whole class at its beginning brings. */
export interface BegunTurned {
  readonly quarter: 'left' | 'right';
  /** Mean shares of the time in which the instructor is seen. */
  readonly before: number;
  readonly after: number;
}

/** Everything a hall says about a class. Plain data: it goes between threads. */
export interface HallReport {
  readonly across: number;
  readonly deep: number;
  readonly floor: FreeFloor;
  readonly spots: readonly Spot[];
  readonly pitch: number;
  readonly lines: readonly LineFits[];
  readonly fronts: readonly Front[];
  /** The fewest places at which somebody should stand who knows it; null where more than four would be needed. */
  readonly anchors: readonly number[] | null;
  readonly track: readonly Station[];
  /** Which way the class is headed from a moment on, where that changes. */
  readonly headed: readonly Headed[];
  readonly wall: MeetsWall | null;
  readonly elsewhere: BeginElsewhere | null;
  /** How many fit with room for all the way of the class. */
  readonly fitWithWay: number;
  readonly instructor: InstructorPlace;
  /** Of the lines for which they should stand elsewhere. */
  readonly stands: readonly { readonly itemId: string; readonly place: InstructorPlace }[];
  /** Seconds to walk round the class to its other side. */
  readonly walkRound: number;
  readonly turned: BegunTurned | null;
  /** How many have said that they want the front row, and how many stand in it. */
  readonly frontRow: { readonly wished: number; readonly places: number };
  /** How many have said that they want a wall or a chair near, and how many places there are by them. */
  readonly nearHold: { readonly wished: number; readonly places: number };
  /** How many are beginners, and how many places have somebody ahead. */
  readonly ahead: { readonly beginners: number; readonly places: number };
}

/** How fast an instructor walks round a class, metres a second. Convention. */
const WALKING = 1;
/** A quarter turn is offered where it is seen so much more of the time. Convention. */
const WORTH_TURNING = 0.1;

/** Metres from one side of the rows to the other, past their nearer end. */
function walkAround(spots: readonly Spot[]): number {
  if (spots.length === 0) return 0;
  const xs = spots.map(({ x }) => x);
  const ys = spots.map(({ y }) => y);
  const [wide, long] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
  // Out to the end of the rows and a metre past it, along them, and in again.
  return 2 * (wide / 2 + 1) + long + 2;
}

function frontsOf(
  turns: readonly Turned[],
  spots: readonly Spot[],
  pitch: number,
  map: SightMap,
  knowing: (itemId: string) => number,
): Front[] {
  const { at: instructor, free } = map.candidates[0];
  return turns.map((turn) => {
    const places = foremost(spots, turn.heading, pitch);
    return {
      ...turn,
      foremost: places,
      behind: places.filter((place) => {
        const spot = spots[place];
        return spot !== undefined && isBehindBack(spot, turn.heading, instructor);
      }).length,
      seen:
        spots.filter((spot, place) => free[place] && !isBehindBack(spot, turn.heading, instructor)).length /
        Math.max(1, spots.length),
      knowing: Math.min(...turn.lines.map(knowing)),
    };
  });
}

/** The same headings, the whole class begun turned by so much. */
const turnedBy = (turns: readonly Turned[], degrees: number): Turned[] =>
  turns.map((turn) => ({ ...turn, heading: (turn.heading + degrees + 360) % 360 }));

function begunTurned(map: SightMap, turns: readonly Turned[]): BegunTurned | null {
  const before = seenInFront(map, turns).seen;
  const quarters = (['left', 'right'] as const).map((quarter) => ({
    quarter,
    before,
    after: seenInFront(map, turnedBy(turns, quarter === 'left' ? -90 : 90)).seen,
  }));
  const best = quarters.toSorted((a, b) => b.after - a.after)[0];
  return best && best.after - before >= WORTH_TURNING ? best : null;
}

/**
 * A class laid over a hall: how many fit at each line, where they stand, who is foremost whenever it turns and whether the instructor
 * is behind them, where the rows meet a wall and whether beginning elsewhere helps, and where to stand.
 */
export function layClass(analysed: AnalysedClass, { hall, less, people, seenBy, beginners }: HallRequest): HallReport {
  const rows = layRows(analysed, { hall, less, people });
  const { floor, floors, pitch, track, spots, wall, fitWithWay } = rows;
  const { across, deep } = acrossAndDeep(hall);
  const lines = [...floors].map(([itemId, one]): LineFits => {
    const places = layOut(floor, one.room, one.pitch).spots.length;
    const movement = analysed.movements.get(itemId);
    // On chairs no more than there are.
    const seats = movement && isSeated(movement.start.load) ? hall.chairs : Number.POSITIVE_INFINITY;
    return { itemId, fits: Math.min(places, seats), pitch: one.pitch };
  });

  const seated = [...analysed.movements.values()].every((movement: Movement) => isSeated(movement.start.load));
  const area: Floor = { ...floor.floor, front: Math.max(floor.floor.back, deep - less.front) };
  const map = sightMap(spots, area, seated);
  const turns = headingsOf(analysed.pieces);
  const instructor = seenInFront(map, turns);
  const knowing = (itemId: string): number => {
    const movement = analysed.movements.get(itemId);
    return movement ? (seenBy[baseId(movement.id)] ?? 0) : people;
  };
  const fronts = frontsOf(turns, spots, pitch, map, knowing);
  const lost = fronts.filter((front) => 2 * front.behind >= front.foremost.length && front.foremost.length > 0);
  const stands = [...floors.keys()].flatMap((itemId) => {
    const own = headingsOf(analysed.pieces.filter((piece) => piece.itemId === itemId));
    const place = instructorPlace(map, own);
    return place.at === instructor.at ? [] : [{ itemId, place }];
  });
  const wishing = (...kinds: readonly NeedKind[]): number =>
    analysed.present.comers.filter(({ needs }) => needs.some(({ kind }) => kinds.includes(kind))).length;
  const firstRow = Math.max(...spots.map(({ y }) => y));
  return {
    across,
    deep,
    floor,
    spots,
    pitch,
    lines,
    fronts,
    anchors: fewestAnchors(
      spots,
      lost.map((front) => front.foremost),
    ),
    track,
    headed: headedIn(analysed.pieces),
    wall,
    elsewhere: wall && beginElsewhere(floor, spots, track, sweepIn(rows)),
    instructor,
    stands,
    fitWithWay,
    walkRound: Math.round(walkAround(spots) / WALKING),
    turned: begunTurned(map, turns),
    frontRow: {
      wished: wishing('front-row'),
      places: spots.filter(({ y }) => firstRow - y < pitch / 4).length,
    },
    nearHold: { wished: wishing('chair-near', 'wall-near'), places: hall.chairs + wallPlaces(hall) },
    ahead: { beginners, places: spots.length - foremost(spots, 0, pitch).length },
  };
}
