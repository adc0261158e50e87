import { floatAt, intAt } from '../../../numbers/numberAt';
import type { ThreadGraph } from './threadGraph';

/** What is left to pay from each knot to the end. */
export function toGo({ endCost, firstArc, arcTo, arcStep, arcCost }: ThreadGraph, price: Float64Array): Float64Array {
  const left = Float64Array.from(endCost);
  for (let knot = left.length - 1; knot >= 0; knot -= 1) {
    const end = intAt(firstArc, knot + 1);
    for (let arc = intAt(firstArc, knot); arc < end; arc += 1) {
      const sum = floatAt(price, intAt(arcStep, arc)) + floatAt(arcCost, arc) + floatAt(left, intAt(arcTo, arc));
      if (sum < floatAt(left, knot)) left[knot] = sum;
    }
  }
  return left;
}

/** Paths of a thread, and whether they are all there are within the allowance. */
export interface NearPaths {
  readonly paths: readonly (readonly number[])[];
  readonly areAll: boolean;
}

/**
 * The paths of a thread that cost no more than `allowance` above its cheapest, at some prices of its steps.
 * @param most no more than so many are gathered; then `areAll` says no
 */
export function nearPaths(graph: ThreadGraph, price: Float64Array, allowance: number, most: number): NearPaths {
  const { endCost, firstArc, arcTo, arcStep, arcCost } = graph;
  const left = toGo(graph, price);
  const limit = floatAt(left, 0) + allowance;
  const paths: number[][] = [];
  const steps: number[] = [];
  let areAll = true;
  const visit = (knot: number, paid: number): void => {
    if (paths.length >= most) {
      areAll = false;
      return;
    }
    if (paid + floatAt(endCost, knot) <= limit) paths.push([...steps]);
    const end = intAt(firstArc, knot + 1);
    for (let arc = intAt(firstArc, knot); arc < end; arc += 1) {
      const step = intAt(arcStep, arc);
      const sum = paid + floatAt(price, step) + floatAt(arcCost, arc);
      if (sum + floatAt(left, intAt(arcTo, arc)) > limit) continue;
      steps.push(step);
      visit(intAt(arcTo, arc), sum);
      steps.pop();
      if (!areAll) return;
    }
  };
  visit(0, 0);
  return { paths, areAll };
}
