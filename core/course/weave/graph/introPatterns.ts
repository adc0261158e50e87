import { floatAt, intAt, numberAt, shortAt } from '../../../numbers/numberAt';
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
  const limit = floatAt(left, 0) + allowance;
  const found: IntroPattern[] = [];
  let isTooMany = false;
  const visit = (front: Front, taken: readonly number[]): void => {
    // Reviews go on from knot to knot, in the order of classes; each introduction begins a front of its own.
    const open = new Map(front);
    const queue = [...open.keys()].toSorted((a, b) => a - b);
    const next = new Map<number, Map<number, number>>();
    let ends = Number.POSITIVE_INFINITY;
    for (let place = 0; place < queue.length; place += 1) {
      const knot = numberAt(queue, place);
      const paid = open.get(knot) ?? Number.POSITIVE_INFINITY;
      ends = Math.min(ends, paid + floatAt(endCost, knot));
      for (let arc = intAt(firstArc, knot); arc < intAt(firstArc, knot + 1); arc += 1) {
        const [step, to] = [intAt(arcStep, arc), intAt(arcTo, arc)];
        const sum = paid + floatAt(price, step) + floatAt(arcCost, arc);
        if (sum + floatAt(left, to) > limit) continue;
        const adds = shortAt(steps.after, step) > shortAt(steps.before, step);
        if (adds) {
          const into = next.get(step) ?? new Map<number, number>();
          next.set(step, into.set(to, Math.min(sum, into.get(to) ?? Number.POSITIVE_INFINITY)));
          continue;
        }
        if (!open.has(to)) {
          let at = queue.length;
          while (at > place + 1 && numberAt(queue, at - 1) > to) at -= 1;
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
