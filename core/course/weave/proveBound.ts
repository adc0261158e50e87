import { floatAt } from '../../numbers/numberAt';
import { introPatterns } from './graph/introPatterns';
import type { Loom } from './graph/loom';
import { type Column, chosenOf, gatherUses, type SolveProgramme, writeProgramme } from './programme';
import { eachUse, priceSteps } from './rows';
import type { PriceSearch } from './seekPrices';

/** So many patterns of one thread, and of all, are put before the solver. */
const MOST_OF_ONE = 1500;
const MOST_OF_ALL = 8000;
/** The allowance shrinks by this until there are few enough, and is given up under this share of the gap. */
const CLOSER = 0.7;
const NEAREST = 0.02;
const EASE = 1e-7;

/**
 * A higher bound than prices alone can prove. Minutes and covers keep their prices; what is new in each class and what waits for what
 * hold exactly, and of each thread all patterns of introduction near its cheapest are put before a general solver. A plan with a
 * pattern that was not among them costs at least the bound and the allowance besides.
 * @param cost what the best plan costs so far
 */
export function proveBound(
  loom: Loom,
  search: PriceSearch,
  cost: number,
  solve: SolveProgramme,
  seconds: number,
): number {
  const { graphs, instance } = loom;
  const { rows, prices, bound } = search;
  const gap = cost - bound;
  if (gap <= EASE) return bound;
  const priced = graphs.map((_, me) => priceSteps(loom, rows, prices, me).price);
  for (let allowance = gap; allowance > gap * NEAREST; allowance *= CLOSER) {
    const found = graphs.map((graph, me) => introPatterns(graph, priced[me] as Float64Array, allowance, MOST_OF_ONE));
    const count = found.reduce((sum, patterns) => sum + (patterns?.length ?? MOST_OF_ALL + 1), 0);
    if (count > MOST_OF_ALL) continue;
    const columns = found.flatMap((patterns, thread) =>
      (patterns ?? []).map((pattern): Column => {
        const uses = gatherUses((tell) =>
          eachUse(
            loom,
            rows,
            thread,
            pattern.steps,
            () => false,
            (row, amount) => {
              const isExact = row >= instance.classes && row < rows.linkFrom + loom.links.length * instance.classes;
              if (isExact) tell(row, amount);
            },
          ),
        );
        // What is held exactly is not paid for as well.
        let own = pattern.cost;
        for (const [row, amount] of uses) own -= floatAt(prices, row) * amount;
        return { thread, cost: own, uses };
      }),
    );
    let paidForRoom = 0;
    for (let k = 0; k < instance.classes; k += 1) paidForRoom += floatAt(prices, k) * floatAt(rows.room, k);
    const answer = solve(writeProgramme(graphs.length, columns, rows.room, cost + paidForRoom + EASE), seconds);
    if (!answer?.isProven) return bound;
    const least = chosenOf(columns, answer.chosen).reduce((sum, column) => sum + column.cost, 0) - paidForRoom;
    return Math.max(bound, Math.min(least, bound + allowance, cost));
  }
  return bound;
}
