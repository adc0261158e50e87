import { type Cloth, costOfCloth, costOfPath, type Loom } from './graph/loom';
import { nearPaths } from './graph/nearPaths';
import { type Column, chosenOf, gatherUses, type SolveProgramme, writeProgramme } from './programme';
import { eachUse, priceSteps } from './rows';
import type { PriceSearch } from './seekPrices';

/** So many paths of one thread, and of all, are put before the solver. */
const MOST_OF_ONE = 600;
const MOST_OF_ALL = 6000;
/** Where even the nearest paths are too many, they are gathered within this share of the gap, as many as there may be. */
const NEAREST = 1e-3;
const CLOSER = 0.6;
const EASE = 1e-7;

interface PathColumn extends Column {
  readonly steps: readonly number[];
}

/** The paths near the cheapest at the best prices, as many as there may be, and those of a plan besides. */
function gatherPaths(loom: Loom, search: PriceSearch, gap: number, also: Cloth): PathColumn[] {
  const { graphs } = loom;
  const priced = graphs.map((_, me) => priceSteps(loom, search.rows, search.prices, me));
  const nearest = (allowance: number) =>
    graphs.map((graph, me) => nearPaths(graph, (priced[me] as (typeof priced)[number]).price, allowance, MOST_OF_ONE));
  const areFew = (found: ReturnType<typeof nearest>) =>
    found.every(({ areAll }) => areAll) && found.reduce((sum, { paths }) => sum + paths.length, 0) <= MOST_OF_ALL;
  let allowance = gap;
  let found = nearest(allowance);
  while (!areFew(found) && allowance > gap * NEAREST) {
    allowance *= CLOSER;
    found = nearest(allowance);
  }
  return graphs.flatMap((graph, thread) => {
    const paths = [...(found[thread]?.paths ?? []), also[thread] ?? []];
    const each = new Map(paths.map((steps) => [steps.join(), steps]));
    return [...each.values()].map((steps): PathColumn => {
      const isCovered = (step: number) => priced[thread]?.isCovered[step] === 1;
      const uses = gatherUses((tell) => eachUse(loom, search.rows, thread, steps, isCovered, tell));
      return { thread, steps, cost: costOfPath(graph, steps), uses };
    });
  });
}

/**
 * Chooses the best among the paths near the best prices, by a general solver.
 * @returns null where it found nothing that costs no more than `best`
 */
export function chooseBest(
  loom: Loom,
  search: PriceSearch,
  best: Cloth,
  solve: SolveProgramme,
  seconds: number,
): Cloth | null {
  const cost = costOfCloth(loom, best);
  const columns = gatherPaths(loom, search, cost - search.bound + EASE, best);
  const answer = solve(writeProgramme(loom.graphs.length, columns, search.rows.room, cost + EASE), seconds);
  if (!answer) return null;
  const cloth: (readonly number[])[] = loom.graphs.map(() => []);
  for (const { thread, steps } of chosenOf(columns, answer.chosen)) cloth[thread] = steps;
  return cloth;
}
