import { toGo } from './nearPaths';
import type { ThreadGraph } from './threadGraph';

/**
 * When a thread is introduced, layer by layer, whatever the reviews between: the adding steps of its path. What is new in a class and
 * what waits for what depend on nothing else.
 */
export interface IntroPattern {
  /** Its adding steps. */
  readonly steps: readonly number[];
  /** The least it costs with the reviews that suit it best, at the prices it was sought with. */
  readonly cost: number;
}

/** Knots that can be reached with one pattern, and what each costs at least. */
type Front = ReadonlyMap<number, number>;

/**
 * The patterns of a thread that cost no more than `allowance` above its cheapest, at some prices of its steps.
 * @returns null where there are more than `most`
 */
export function introPatterns(
  graph: ThreadGraph,
  price: Float64Array,
  allowance: number,
  most: number,
): IntroPattern[] | null {
  const { endCost, firstArc, arcTo, arcStep, arcCost, steps } = graph;
  const left = toGo(graph, price);
  const limit = (left[0] as number) + allowance;
  const found: IntroPattern[] = [];
  let isTooMany = false;
  const visit = (front: Front, taken: readonly number[]): void => {
    // Reviews go on from knot to knot, in the order of classes; each introduction begins a front of its own.
    const open = new Map(front);
    const queue = [...open.keys()].toSorted((a, b) => a - b);
    const next = new Map<number, Map<number, number>>();
    let ends = Number.POSITIVE_INFINITY;
    for (let place = 0; place < queue.length; place += 1) {
      const knot = queue[place] as number;
      const paid = open.get(knot) as number;
      ends = Math.min(ends, paid + (endCost[knot] as number));
      for (let arc = firstArc[knot] as number; arc < (firstArc[knot + 1] as number); arc += 1) {
        const [step, to] = [arcStep[arc] as number, arcTo[arc] as number];
        const sum = paid + (price[step] as number) + (arcCost[arc] as number);
        if (sum + (left[to] as number) > limit) continue;
        const adds = (steps.after[step] as number) > (steps.before[step] as number);
        if (adds) {
          const into = next.get(step) ?? new Map<number, number>();
          next.set(step, into.set(to, Math.min(sum, into.get(to) ?? Number.POSITIVE_INFINITY)));
          continue;
        }
        if (!open.has(to)) {
          let at = queue.length;
          while (at > place + 1 && (queue[at - 1] as number) > to) at -= 1;
          queue.splice(at, 0, to);
        }
        open.set(to, Math.min(sum, open.get(to) ?? Number.POSITIVE_INFINITY));
      }
    }
    if (ends <= limit) found.push({ steps: taken, cost: ends });
    if (found.length > most) isTooMany = true;
    for (const [step, into] of next) {
      if (isTooMany) return;
      visit(into, [...taken, step]);
    }
  };
  visit(new Map([[0, 0]]), []);
  return isTooMany ? null : found;
}
