import { sumBy } from 'remeda';
import type { Floor } from './freeFloor';
import type { Spot } from './spots';
import { isBehindBack, type Turned } from './turns';

/** Heights and breadths that sight goes by, metres. Conventions. */
const BODY = { radius: 0.22, standing: 1.6, seated: 1.25, eyeBelowTop: 0.11, chest: 1.2 } as const;

/** Whether somebody between hides the instructor's chest from a viewer. */
export function isBlocked(viewer: Spot, instructor: Spot, others: readonly Spot[], seated = false): boolean {
  const top = seated ? BODY.seated : BODY.standing;
  const eye = top - BODY.eyeBelowTop;
  const [dx, dy] = [instructor.x - viewer.x, instructor.y - viewer.y];
  const far = Math.hypot(dx, dy);
  if (far < 1e-9) return false;
  return others.some((other) => {
    if (other === viewer) return false;
    const [ox, oy] = [other.x - viewer.x, other.y - viewer.y];
    const along = (ox * dx + oy * dy) / far;
    if (along <= 0 || along >= far) return false;
    if (Math.abs(ox * dy - oy * dx) / far >= BODY.radius) return false;
    return top > eye + ((BODY.chest - eye) * along) / far;
  });
}

/** A place for the instructor, and from which spots the line to it is free. */
interface Candidate {
  readonly at: Spot;
  readonly free: readonly boolean[];
}

/** Everything about the rows that where to stand is chosen by. */
export interface SightMap {
  readonly spots: readonly Spot[];
  /** The middle of the front comes first. */
  readonly candidates: readonly [Candidate, ...Candidate[]];
}

/** Candidates stand on a grid of half a metre, and keep so far from everybody. */
const GRID = 0.5;
const APART = 1;
/** They move only to be seen a minute longer, seconds. */
const GAIN = 60;

/**
 * Who sees whom from where, once for some rows.
 * @param area the whole floor with the instructor's strip, metres from the back left corner
 */
export function sightMap(spots: readonly Spot[], area: Floor, seated = false): SightMap {
  const candidate = (at: Spot): Candidate => ({ at, free: spots.map((spot) => !isBlocked(spot, at, spots, seated)) });
  const others: Candidate[] = [];
  for (let x = area.left + GRID; x < area.right; x += GRID)
    for (let y = area.back + GRID; y < area.front; y += GRID)
      if (!spots.some((spot) => Math.hypot(spot.x - x, spot.y - y) < APART)) others.push(candidate({ x, y }));
  const front = candidate({ x: (area.left + area.right) / 2, y: area.front - GRID });
  return { spots, candidates: [front, ...others] };
}

/** For each spot the share of the time in which the instructor is before it and the line to them is free, 0 to 1. */
const sharesFrom = (spots: readonly Spot[], { at, free }: Candidate, turns: readonly Turned[]): number[] => {
  const all = sumBy([...turns], ({ seconds }) => seconds);
  return spots.map((spot, place) =>
    all === 0 || !free[place]
      ? 0
      : sumBy([...turns], ({ heading, seconds }) => (isBehindBack(spot, heading, at) ? 0 : seconds)) / all,
  );
};

const mean = (shares: readonly number[]): number =>
  shares.length === 0 ? 0 : sumBy([...shares], (share) => share) / shares.length;

/** Where the instructor stands, and how they are seen from there. */
export interface InstructorPlace {
  readonly at: Spot;
  /** Share of the time for each spot, and their mean; 0 to 1. */
  readonly shares: readonly number[];
  readonly seen: number;
}

/** How the instructor is seen from the middle of the front. */
export function seenInFront({ spots, candidates: [front] }: SightMap, turns: readonly Turned[]): InstructorPlace {
  const shares = sharesFrom(spots, front, turns);
  return { at: front.at, shares, seen: mean(shares) };
}

/** Where to stand so that most see most: in the middle of the front, unless somewhere else each is seen a minute more on the mean. */
export function instructorPlace(map: SightMap, turns: readonly Turned[]): InstructorPlace {
  const seconds = sumBy([...turns], (turn) => turn.seconds);
  const usual = seenInFront(map, turns);
  if (seconds * (1 - usual.seen) <= GAIN) return usual;
  let best = usual;
  for (const candidate of map.candidates) {
    const shares = sharesFrom(map.spots, candidate, turns);
    const seen = mean(shares);
    if (seen > best.seen + 1e-9 && (seen - usual.seen) * seconds > GAIN) best = { at: candidate.at, shares, seen };
  }
  return best;
}
