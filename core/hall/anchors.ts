import { sumBy } from 'remeda';
import { numberAt } from '../numbers/numberAt';
import type { Spot } from './spots';

/** More anchors than these are no help any more: then the class is begun otherwise, or the instructor walks. */
const MOST = 4;

function* choicesOf(from: readonly number[], count: number, start = 0): Generator<number[]> {
  if (count === 0) {
    yield [];
    return;
  }
  for (let at = start; at <= from.length - count; at += 1)
    for (const rest of choicesOf(from, count - 1, at + 1)) yield [numberAt(from, at), ...rest];
}

/**
 * The fewest spots that leave no heading without somebody who knows, among those who are foremost there; of equals those furthest out,
 * for corners serve two headings and are seen by most. Null where more than four would be needed.
 * @param fronts for each heading the places of those who are foremost
 */
export function fewestAnchors(spots: readonly Spot[], fronts: readonly (readonly number[])[]): number[] | null {
  const wanted = fronts.filter((front) => front.length > 0);
  if (wanted.length === 0) return [];
  const middle = {
    x: sumBy([...spots], ({ x }) => x) / spots.length,
    y: sumBy([...spots], ({ y }) => y) / spots.length,
  };
  const out = (place: number): number => {
    const spot = spots[place];
    return spot ? Math.hypot(spot.x - middle.x, spot.y - middle.y) : 0;
  };
  const candidates = [...new Set(wanted.flat())].toSorted((a, b) => out(b) - out(a) || a - b);
  for (let count = 1; count <= MOST; count += 1) {
    let best: { places: number[]; out: number } | null = null;
    for (const places of choicesOf(candidates, count)) {
      if (!wanted.every((front) => front.some((place) => places.includes(place)))) continue;
      const far = sumBy(places, out);
      if (!best || far > best.out + 1e-9) best = { places, out: far };
    }
    if (best) return best.places.toSorted((a, b) => a - b);
  }
  return null;
}
