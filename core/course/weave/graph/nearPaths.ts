import type { ThreadGraph } from './threadGraph';

/** What is left to pay from each knot to the end. */
export function toGo({ endCost, firstArc, arcTo, arcStep, arcCost }: ThreadGraph, price: Float64Array): Float64Array {
  const left = Float64Array.from(endCost);
  for (let knot = left.length - 1; knot >= 0; knot -= 1) {
    const end = firstArc[knot + 1] as number;
    for (let arc = firstArc[knot] as number; arc < end; arc += 1) {
      const sum =
        (price[arcStep[arc] as number] as number) + (arcCost[arc] as number) + (left[arcTo[arc] as number] as number);
      if (sum < (left[knot] as number)) left[knot] = sum;
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
  const limit = (left[0] as number) + allowance;
  const paths: number[][] = [];
  const steps: number[] = [];
  let areAll = true;
  const visit = (knot: number, paid: number): void => {
    if (paths.length >= most) {
      areAll = false;
      return;
    }
    if (paid + (endCost[knot] as number) <= limit) paths.push([...steps]);
    const end = firstArc[knot + 1] as number;
    for (let arc = firstArc[knot] as number; arc < end; arc += 1) {
      const step = arcStep[arc] as number;
      const sum = paid + (price[step] as number) + (arcCost[arc] as number);
      if (sum + (left[arcTo[arc] as number] as number) > limit) continue;
      steps.push(step);
      visit(arcTo[arc] as number, sum);
      steps.pop();
      if (!areAll) return;
    }
  };
  visit(0, 0);
  return { paths, areAll };
}
