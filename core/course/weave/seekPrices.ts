import { floatAt } from '../../numbers/numberAt';
import { cheapestPath } from './graph/cheapestPath';
import type { Loom } from './graph/loom';
import { eachUse, layRows, priceSteps, type Rows } from './rows';

/**
 * What the classes' minutes and newness, the waiting of one thread for another and the covering of reviews are worth. With any such
 * prices every thread can be woven by itself, and what that costs in all, less what the room is worth, is no more than any legal plan
 * costs: a proven bound. Prices are sought that make it as high as can be (a deflected subgradient with Polyak's step).
 */
export interface PriceSearch {
  /** No legal plan costs less. */
  readonly bound: number;
  readonly rows: Rows;
  /** The best prices so far, row by row. */
  readonly prices: Float64Array;
  /** What each thread costs by itself at the best prices. */
  readonly least: Float64Array;
  /** Looks for better prices, so many times. */
  improve(times: number, costFound: number): void;
}

/** So much of the last direction is kept. */
const DEFLECTION = 0.9;
/** After so many looks without gain the step is halved, and the search goes on from the best prices. */
const PATIENCE = 25;
const FIRST_STEP = 1.2;
const LEAST_STEP = 1e-4;
/** A target much above the bound makes for wild steps: it is at most this share above. */
const FARTHEST_TARGET = 0.1;

/** Weaves every thread by itself at some prices: what that costs, and what of each row is used. */
function weaveApart(loom: Loom, rows: Rows, at: Float64Array, used: Float64Array, least: Float64Array): number {
  const { graphs, instance } = loom;
  used.fill(0);
  let value = 0;
  for (let row = 0; row < 2 * instance.classes; row += 1) value -= floatAt(at, row) * floatAt(rows.room, row);
  const use = (row: number, amount: number) => {
    used[row] = floatAt(used, row) + amount;
  };
  graphs.forEach((graph, me) => {
    const { price, isCovered } = priceSteps(loom, rows, at, me);
    const path = cheapestPath(graph, price);
    if (!path) return;
    value += path.cost;
    least[me] = path.cost;
    eachUse(loom, rows, me, path.steps, (step) => isCovered[step] === 1, use);
  });
  return value;
}

/** Begins to look for prices. */
export function seekPrices(loom: Loom): PriceSearch {
  const rows = layRows(loom);
  const { count, room, scale } = rows;
  const { threads } = loom.instance;
  const now = new Float64Array(count);
  const best = new Float64Array(count);
  const used = new Float64Array(count);
  const direction = new Float64Array(count);
  const leastNow = new Float64Array(threads.length);
  const least = new Float64Array(threads.length);
  let bound = -Number.MAX_VALUE;
  let size = FIRST_STEP;
  let idle = 0;
  let isAfresh = true;

  /** Weaves at the prices of now, and keeps them where they are the best. */
  const weave = (): number => {
    const value = weaveApart(loom, rows, now, used, leastNow);
    if (value > bound + 1e-9 * Math.abs(bound)) {
      bound = value;
      best.set(now);
      least.set(leastNow);
      idle = 0;
    } else idle += 1;
    return value;
  };
  /** Goes from the prices of now towards what is used too much. */
  const go = (value: number, costFound: number): void => {
    let length = 0;
    for (let row = 0; row < count; row += 1) {
      const over = (floatAt(used, row) - floatAt(room, row)) / floatAt(scale, row);
      const turned = isAfresh ? over : DEFLECTION * floatAt(direction, row) + (1 - DEFLECTION) * over;
      // What is worth nothing already cannot be worth less.
      direction[row] = now[row] === 0 && turned < 0 ? 0 : turned;
      length += floatAt(direction, row) ** 2;
    }
    isAfresh = false;
    if (length < 1e-12) return;
    const farthest = Math.max(1, FARTHEST_TARGET * Math.abs(bound));
    const target = bound + Math.min(Math.max(0, costFound - bound), farthest);
    const far = (size * Math.max(target - value, 1e-6 * Math.max(1, Math.abs(target)))) / length;
    for (let row = 0; row < count; row += 1) {
      now[row] = Math.max(0, floatAt(now, row) + (far * floatAt(direction, row)) / floatAt(scale, row));
    }
  };
  return {
    get bound() {
      return bound;
    },
    rows,
    prices: best,
    least,
    improve(times, costFound) {
      for (let time = 0; time < times; time += 1) {
        let value = weave();
        if (idle >= PATIENCE) {
          size = size / 2 < LEAST_STEP ? FIRST_STEP : size / 2;
          now.set(best);
          isAfresh = true;
          value = weave();
          idle = 0;
        }
        go(value, costFound);
      }
    },
  };
}
