import { floatAt, intAt, shortAt } from '../../numbers/numberAt';
import type { Loom } from './graph/loom';

/**
 * What is scarce and so has a price: the minutes and the newness of each class, one thread's waiting for another (a row for each link
 * and class: begun by then, and the other not there before), and covered reviews (a row for each covered thread and class).
 */
export interface Rows {
  readonly count: number;
  /** How much there is of each. */
  readonly room: Float64Array;
  /** What each is measured in, so that minutes and newness move alike. */
  readonly scale: Float64Array;
  readonly linkFrom: number;
  /** For each thread the first row of its covers; -1 where nothing covers it. */
  readonly coverFrom: Int32Array;
}

/** Lays the rows of an instance: minutes first, then newness, links, covers. */
export function layRows({ instance, links, coversOf }: Loom): Rows {
  const { classes, capacity, newPerClass, threads } = instance;
  const linkFrom = 2 * classes;
  let count = linkFrom + links.length * classes;
  const coverFrom = new Int32Array(threads.length).fill(-1);
  coversOf.forEach((covers, thread) => {
    if (covers.length === 0) return;
    coverFrom[thread] = count;
    count += classes;
  });
  const room = new Float64Array(count);
  room.set(capacity, 0);
  room.set(newPerClass, classes);
  const intros = threads.flatMap(({ intro }) => intro);
  const usual = Math.max(1, intros.reduce((sum, one) => sum + one, 0) / Math.max(1, intros.length));
  const scale = new Float64Array(count).fill(1);
  scale.fill(usual, 0, classes);
  return { count, room, scale, linkFrom, coverFrom };
}

/** What each step of a thread costs at some prices, and which reviews are then better covered than paid for in minutes. */
export interface PricedSteps {
  readonly price: Float64Array;
  readonly isCovered: Uint8Array;
}

/** Prices the steps of one thread. */
export function priceSteps(loom: Loom, rows: Rows, at: Float64Array, me: number): PricedSteps {
  const { instance, graphs, links, covers } = loom;
  const { classes } = instance;
  const { steps } = graphs[me] as (typeof graphs)[number];
  const price = new Float64Array(steps.count);
  const isCovered = new Uint8Array(steps.count);
  const ownCovers = intAt(rows.coverFrom, me);
  const covering = covers.filter(({ form }) => form === me);
  const bound = links.flatMap((link, place) => {
    if (link.me !== me && link.other !== me) return [];
    // Reaching a layer in a class pays, or saves, in every class from then on.
    const onwards = new Float64Array(classes + 2);
    const first = rows.linkFrom + place * classes;
    for (let k = classes - 1; k >= 0; k -= 1) onwards[k] = floatAt(onwards, k + 1) + floatAt(at, first + k);
    return [{ link, onwards }];
  });
  for (let step = 0; step < steps.count; step += 1) {
    const k = shortAt(steps.class, step);
    const [from, to] = [shortAt(steps.before, step), shortAt(steps.after, step)];
    let minutes = floatAt(at, k) * floatAt(steps.minutes, step);
    if (ownCovers >= 0 && from === to && floatAt(at, ownCovers + k) < minutes) {
      minutes = floatAt(at, ownCovers + k);
      isCovered[step] = 1;
    }
    let sum = floatAt(steps.cost, step) + minutes + floatAt(at, classes + k) * floatAt(steps.fresh, step);
    for (const { link, onwards } of bound) {
      if (link.me === me && from < link.mine && to >= link.mine) sum += floatAt(onwards, k);
      if (link.other === me && from < link.layers && to >= link.layers) sum -= floatAt(onwards, k + 1);
    }
    for (const { thread, layers } of covering) {
      if (to >= layers) sum -= floatAt(at, intAt(rows.coverFrom, thread) + k);
    }
    price[step] = sum;
  }
  return { price, isCovered };
}

/** Tells what a path of a thread uses of each row. */
export function eachUse(
  loom: Loom,
  rows: Rows,
  me: number,
  path: readonly number[],
  isCovered: (step: number) => boolean,
  tell: (row: number, amount: number) => void,
): void {
  const { instance, graphs, links, covers } = loom;
  const { classes } = instance;
  const { steps } = graphs[me] as (typeof graphs)[number];
  for (const step of path) {
    const k = shortAt(steps.class, step);
    const [from, to] = [shortAt(steps.before, step), shortAt(steps.after, step)];
    if (isCovered(step)) tell(intAt(rows.coverFrom, me) + k, 1);
    else tell(k, floatAt(steps.minutes, step));
    if (floatAt(steps.fresh, step) > 0) tell(classes + k, floatAt(steps.fresh, step));
    for (const { form, thread, layers } of covers) {
      if (form === me && to >= layers) tell(intAt(rows.coverFrom, thread) + k, -1);
    }
    links.forEach((link, place) => {
      const first = rows.linkFrom + place * classes;
      const begins = link.me === me && from < link.mine && to >= link.mine;
      const arrives = link.other === me && from < link.layers && to >= link.layers;
      for (let row = k; begins && row < classes; row += 1) tell(first + row, 1);
      for (let row = k + 1; arrives && row < classes; row += 1) tell(first + row, -1);
    });
  }
}
