import { sumBy } from 'remeda';
/** Something that can be taken at a price. */
export interface Priced {
  readonly price: number;
}

/**
 * A cheap choice that leaves nothing open: greedy by what is closed for the price, then whatever can be spared is dropped, then
 * single and double swaps for something cheaper.
 * @param open how much is left open by a choice; 0 is nothing
 * @returns the choice, and whether it leaves nothing open
 */
export function leastCover<Thing extends Priced>(
  things: readonly Thing[],
  open: (chosen: readonly Thing[]) => number,
): { readonly chosen: readonly Thing[]; readonly closed: boolean } {
  let chosen: readonly Thing[] = [];
  let left = open(chosen);
  while (left > 0) {
    let best: { thing: Thing; left: number; worth: number } | null = null;
    for (const thing of things) {
      if (chosen.includes(thing)) continue;
      const then = open([...chosen, thing]);
      const worth = (left - then) / thing.price;
      if (worth > 1e-9 && (best === null || worth > best.worth)) best = { thing, left: then, worth };
    }
    if (best === null) return { chosen, closed: false };
    chosen = [...chosen, best.thing];
    left = best.left;
  }
  let better: readonly Thing[] | null = chosen;
  while (better) {
    chosen = better;
    better = improved(things, chosen, open);
  }
  return { chosen, closed: true };
}

const priceOf = (chosen: readonly Priced[]): number => sumBy(chosen, ({ price }) => price);

/** A cheaper choice that is one step away; null where there is none. */
function improved<Thing extends Priced>(
  things: readonly Thing[],
  chosen: readonly Thing[],
  open: (chosen: readonly Thing[]) => number,
): readonly Thing[] | null {
  const without = (...gone: readonly Thing[]) => chosen.filter((one) => !gone.includes(one));
  for (const spared of chosen.toSorted((a, b) => b.price - a.price))
    if (open(without(spared)) === 0) return without(spared);
  const others = things.filter((thing) => !chosen.includes(thing)).toSorted((a, b) => a.price - b.price);
  for (const gone of chosen)
    for (const other of others) {
      if (other.price >= gone.price - 1e-9) break;
      const swapped = [...without(gone), other];
      if (open(swapped) === 0) return swapped;
    }
  // Two for one: what two do, one alone may do cheaper.
  for (const [place, one] of chosen.entries())
    for (const two of chosen.slice(place + 1))
      for (const other of others) {
        if (other.price >= priceOf([one, two]) - 1e-9) break;
        const swapped = [...without(one, two), other];
        if (open(swapped) === 0) return swapped;
      }
  return null;
}
