import { floatAt, numberAt, shortAt } from '../../numbers/numberAt';
import { type Cloth, costOfCloth, costOfPath, type Loom } from './graph/loom';
import { placeThread } from './placeThread';
import { priceSteps } from './rows';
import type { PriceSearch } from './seekPrices';
import { awaitedFirst, shuffle } from './threadOrder';

/** Weaving by taking some threads out and putting them in again, in other orders and at other prices. */
export interface ClothSearch {
  readonly cost: number;
  readonly cloth: Cloth;
  /** Tries so many times, at the best prices there are. */
  improve(times: number, prices: PriceSearch): void;
  /** Takes a cloth found elsewhere, where it is better. */
  take(cloth: Cloth): void;
}

/** At most so many threads are taken out at once. */
const MOST_OUT = 10;
/** How much of the prices is heeded while threads are put in; near to whole is far better than boldly (tried: 4 against 10 % off). */
const THRIFT = [0.75, 0.9, 1, 1.1];
/** Half of the time prices are shaken by up to this share, to find other ways. */
const SHAKE = 0.15;
/** Some threads that others wait for are hurried: each class later costs up to this share of the priority more. */
const HASTE = 0.5;
/** Worse cloths are taken within about this share of the cost; it shrinks over so many tries, and begins anew from the best. */
const WARMTH = 0.005;
const COOLING = 3000;
/** All threads are looked at once more after so many tries. */
const ROUND = 200;
const EASE = 1e-9;

/** What the steps of a thread cost more than by themselves: at the prices, heeded and shaken as it comes. */
function extrasOf(loom: Loom, prices: PriceSearch): readonly Float64Array[] {
  return loom.graphs.map(({ steps }, me) => {
    const { price } = priceSteps(loom, prices.rows, prices.prices, me);
    return price.map((one, step) => one - floatAt(steps.cost, step));
  });
}

export function searchCloth(loom: Loom, random: () => number, start?: Cloth): ClothSearch {
  const { graphs, links } = loom;
  const count = graphs.length;
  const places = graphs.map((_, place) => place);
  const whole = (most: number) => Math.floor(random() * most);
  const shuffled = (some: readonly number[]) => shuffle(some, random);
  let now: (readonly number[])[] = start ? [...start] : graphs.map(() => []);
  const costs = new Float64Array(count);
  let best: Cloth = [];
  let bestCost = Number.POSITIVE_INFINITY;
  let tries = 0;

  const nowCost = (): number => costs.reduce((sum, one) => sum + one, 0);
  const lay = (cloth: Cloth): void => {
    now = [...cloth];
    graphs.forEach((graph, place) => {
      costs[place] = costOfPath(graph, now[place] ?? []);
    });
  };
  const keepBest = (): void => {
    const cost = nowCost();
    if (cost >= bestCost - EASE) return;
    bestCost = cost;
    best = [...now];
  };
  const put = (me: number, extra: Float64Array | null): boolean => {
    const path = placeThread(loom, now, me, extra);
    if (!path) return false;
    now[me] = path.steps;
    costs[me] = costOfPath(graphs[me] as (typeof graphs)[number], path.steps);
    return true;
  };
  /** Which threads are taken out: as it comes, or those that cost more than they would have to, and threads bound to them. */
  const chosen = (least: Float64Array): number[] => {
    const size = 1 + whole(Math.min(count, MOST_OUT));
    if (random() < 0.4) return shuffled(places).slice(0, size);
    const over = places.map((place) => ({
      place,
      over: (floatAt(costs, place) - floatAt(least, place)) * random(),
    }));
    const worst = over.toSorted((a, b) => b.over - a.over).slice(0, Math.ceil(size / 2));
    const out = new Set(worst.map(({ place }) => place));
    for (const { me, other } of links) {
      if (out.size < size && (out.has(me) || out.has(other)) && random() < 0.5) out.add(me).add(other);
    }
    while (out.size < size) out.add(whole(count));
    return [...out];
  };
  const polish = (some: readonly number[]): void => {
    for (let round = 0; round < 3; round += 1) {
      const before = nowCost();
      for (const me of some) put(me, null);
      if (before - nowCost() <= EASE) break;
    }
  };
  /** What the steps of a thread cost besides in this try. */
  const wish = (me: number, extra: Float64Array, thrift: number, isShaken: boolean): Float64Array | null => {
    const { steps, thread } = graphs[me] as (typeof graphs)[number];
    const isHurried = (loom.waitedFor[me]?.length ?? 0) > 0 && random() < 0.3;
    if (thrift === 0 && !isShaken && !isHurried) return null;
    const haste = isHurried ? HASTE * thread.priority * random() : 0;
    return extra.map((one, step) => {
      const own = floatAt(steps.cost, step);
      const heeded = thrift * one;
      const shaken = isShaken ? (own + heeded) * SHAKE * (2 * random() - 1) : 0;
      const isNew = shortAt(steps.after, step) > shortAt(steps.before, step);
      return heeded + shaken + (isNew ? haste * shortAt(steps.class, step) : 0);
    });
  };
  const attempt = (prices: PriceSearch, extras: readonly Float64Array[]): void => {
    const before = { now: [...now], costs: costs.slice(), cost: nowCost() };
    const out = chosen(prices.least);
    for (const me of out) now[me] = [];
    const thrift = numberAt(THRIFT, whole(THRIFT.length));
    const isShaken = random() < 0.5;
    const isWhole = awaitedFirst(shuffled(out), links).every((me) =>
      put(me, wish(me, extras[me] as Float64Array, thrift, isShaken)),
    );
    if (isWhole) polish(shuffled(out));
    const warmth = WARMTH * bestCost * (1 - (tries % COOLING) / COOLING) ** 2;
    const isTaken = isWhole && nowCost() <= before.cost - warmth * Math.log(1 - random());
    if (isTaken) keepBest();
    else {
      now = before.now;
      costs.set(before.costs);
    }
  };
  lay(now);
  keepBest();
  return {
    get cost() {
      return bestCost;
    },
    get cloth() {
      return best;
    },
    improve(times, prices) {
      const extras = extrasOf(loom, prices);
      for (let time = 0; time < times; time += 1) {
        tries += 1;
        if (tries % COOLING === 0) lay(best);
        attempt(prices, extras);
        if (tries % ROUND !== 0) continue;
        polish(shuffled(places));
        keepBest();
      }
    },
    take(cloth) {
      if (costOfCloth(loom, cloth) >= bestCost - EASE) return;
      lay(cloth);
      keepBest();
    },
  };
}
