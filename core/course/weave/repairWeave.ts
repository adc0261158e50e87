import type { WeaveInstance, WeavePlan, WeaveThread } from './graph/instance';
import { costOfCloth, type GraphOf, planOf, setUpLoom } from './graph/loom';
import { seeded } from './graph/seeded';
import { type ThreadGraph, threadGraph } from './graph/threadGraph';
import { searchCloth } from './search';
import { seekPrices } from './seekPrices';
import { startCloth } from './startCloth';

/** A legal plan on its way from one that is broken. */
export interface Repair {
  readonly plan: WeavePlan;
  readonly cost: number;
}

/** So many graphs are kept: those of a large course, and of what was pulled about in it. */
const MOST_KEPT = 300;

/** Graphs that are kept from one instance to the next: where one thread is pulled about the others need not be built again. */
export function keepGraphs(): GraphOf {
  const kept = new Map<string, ThreadGraph>();
  return (thread: WeaveThread, instance: WeaveInstance) => {
    const { classes, amount, late, stageBack, halfWait } = instance;
    const key = JSON.stringify([thread, classes, amount, late, stageBack, halfWait]);
    const graph = kept.get(key) ?? threadGraph(thread, instance);
    kept.delete(key);
    kept.set(key, graph);
    for (const oldest of kept.keys()) {
      if (kept.size <= MOST_KEPT) break;
      kept.delete(oldest);
    }
    return graph;
  };
}

/** Prices are looked for, and threads taken out and put in again, so often in each round. */
const LOOKS = 4;
const TRIES = 10;

/** Makes a plan legal again: at once with the threads it breaks put in anew, then better and better for as long as anybody asks. */
export function* repairWeave(instance: WeaveInstance, start: WeavePlan, graphOf: GraphOf): Generator<Repair, void> {
  const loom = setUpLoom(instance, graphOf);
  const first = startCloth(loom, start);
  yield { plan: planOf(loom, first), cost: costOfCloth(loom, first) };
  const search = searchCloth(loom, seeded(1), first);
  const prices = seekPrices(loom);
  for (;;) {
    prices.improve(LOOKS, search.cost);
    search.improve(TRIES, prices);
    yield { plan: planOf(loom, search.cloth), cost: search.cost };
  }
}
