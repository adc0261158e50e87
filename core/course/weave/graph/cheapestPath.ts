import { floatAt, intAt, shortAt } from '../../../numbers/numberAt';
import type { ThreadGraph } from './threadGraph';

/** A path of a thread: the steps it takes, class by class, and what it costs. No steps: the thread is left out. */
export interface ThreadPath {
  readonly steps: readonly number[];
  readonly cost: number;
}

/** What the other threads ask of a path. */
export interface PathWishes {
  /** At least so many layers must be reached by the end: others build on them. */
  readonly least: number;
  /** For each class, how many of the classes before it must not be passed over. */
  readonly musts: Int16Array | null;
}

const NO_WISHES: PathWishes = { least: 0, musts: null };

/**
 * The cheapest way of a thread through the classes, where each step costs what `price` says (endless: forbidden) and ending costs
 * what the graph says.
 * @returns null where there is no way
 */
export function cheapestPath(
  graph: ThreadGraph,
  price: Float64Array,
  wishes: PathWishes = NO_WISHES,
): ThreadPath | null {
  const { knotClass, knotLayers, endCost, firstArc, arcTo, arcStep, arcCost } = graph;
  const knots = knotClass.length;
  const { least, musts } = wishes;
  const classes = (musts?.length ?? 0) - 1;
  const cost = new Float64Array(knots).fill(Number.POSITIVE_INFINITY);
  const through = new Int32Array(knots).fill(-1);
  const from = new Int32Array(knots).fill(-1);
  cost[0] = 0;
  let best = Number.POSITIVE_INFINITY;
  let last = -1;
  for (let knot = 0; knot < knots; knot += 1) {
    const so = floatAt(cost, knot);
    if (so === Number.POSITIVE_INFINITY) continue;
    const passed = musts ? shortAt(musts, shortAt(knotClass, knot) + 1) : 0;
    const whole = so + floatAt(endCost, knot);
    if (whole < best && shortAt(knotLayers, knot) >= least && (!musts || musts[classes] === passed)) {
      best = whole;
      last = knot;
    }
    const end = intAt(firstArc, knot + 1);
    for (let arc = intAt(firstArc, knot); arc < end; arc += 1) {
      const step = intAt(arcStep, arc);
      const to = intAt(arcTo, arc);
      const sum = so + floatAt(price, step) + floatAt(arcCost, arc);
      if (sum >= floatAt(cost, to)) continue;
      if (musts && shortAt(musts, shortAt(knotClass, to)) > passed) continue;
      cost[to] = sum;
      through[to] = step;
      from[to] = knot;
    }
  }
  if (last < 0) return null;
  const steps: number[] = [];
  for (let knot = last; knot > 0; knot = intAt(from, knot)) steps.unshift(intAt(through, knot));
  return { steps, cost: best };
}
