import type { Spot } from './spots';

/** A way the class is headed, and for how long in which lines. Degrees clockwise from the front, in eighths of a turn. */
export interface Turned {
  readonly heading: number;
  readonly seconds: number;
  readonly lines: readonly string[];
}

interface Piece {
  readonly startMs: number;
  readonly itemId: string;
  readonly seconds: number;
  readonly demand: { readonly facing: number };
}

/** Which way a class is headed from a moment on. */
export interface Headed {
  readonly atMs: number;
  readonly heading: number;
}

const EIGHTH = 45;
/** Degrees to the nearest eighth of a turn, 0 to 315. */
const toEighth = (facing: number): number => (((Math.round(facing / EIGHTH) * EIGHTH) % 360) + 360) % 360;

/** A heading that lasts less than this in the class is passed through, seconds. Convention. */
const LASTS = 5;

/** The headings of a class, to an eighth of a turn, those that last longest first. */
export function headingsOf(pieces: readonly Piece[]): Turned[] {
  const found = new Map<number, { seconds: number; lines: Set<string> }>();
  for (const { demand, seconds, itemId } of pieces) {
    const heading = toEighth(demand.facing);
    const of = found.get(heading) ?? { seconds: 0, lines: new Set() };
    of.seconds += seconds;
    of.lines.add(itemId);
    found.set(heading, of);
  }
  return [...found]
    .filter(([, { seconds }]) => seconds >= LASTS)
    .map(([heading, { seconds, lines }]) => ({ heading, seconds, lines: [...lines] }))
    .toSorted((a, b) => b.seconds - a.seconds);
}

/** The way of a class round, where it changes. */
export function headedIn(pieces: readonly Piece[]): Headed[] {
  const headed: Headed[] = [];
  for (const { startMs, demand } of pieces) {
    const heading = toEighth(demand.facing);
    if (headed.at(-1)?.heading !== heading) headed.push({ atMs: startMs, heading });
  }
  return headed;
}

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** The direction of a heading: right and forward. */
const ahead = (heading: number) => ({ x: Math.sin(radians(heading)), y: Math.cos(radians(heading)) });

/** Somebody stands in front of another when they are ahead, and no further to the side than this share of the pitch. */
const LANE = 0.6;

/** Who has nobody in front of them when the class is headed that way: the places of those spots. */
export function foremost(spots: readonly Spot[], heading: number, pitch: number): number[] {
  const way = ahead(heading);
  return spots.flatMap((one, place) => {
    const isBehind = spots.some((other) => {
      const [dx, dy] = [other.x - one.x, other.y - one.y];
      const forward = dx * way.x + dy * way.y;
      const aside = Math.abs(dx * way.y - dy * way.x);
      return forward > pitch / 4 && aside < LANE * pitch;
    });
    return isBehind ? [] : [place];
  });
}

/** From this angle off the heading on, somebody is behind one's back, degrees. Convention. */
const BEHIND_BACK = 100;

/** Degrees from where somebody is headed to where another stands, 0 to 180. */
export function angleTo(from: Spot, heading: number, to: Spot): number {
  const bearing = (Math.atan2(to.x - from.x, to.y - from.y) * 180) / Math.PI;
  const off = Math.abs(((((bearing - heading) % 360) + 540) % 360) - 180);
  return off;
}

export const isBehindBack = (from: Spot, heading: number, to: Spot): boolean =>
  angleTo(from, heading, to) > BEHIND_BACK;
