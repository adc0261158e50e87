import { floatAt, shortAt } from '../../numbers/numberAt';
import { cheapestPath, type ThreadPath } from './graph/cheapestPath';
import { type Cloth, type Loom, layersIn, reachedIn } from './graph/loom';

/** Rounding in sums of minutes. */
const HAIR = 1e-9;

/** What the other threads leave in each class. */
interface Room {
  readonly minutes: Float64Array;
  readonly fresh: Float64Array;
  /** Whether the reviews of this thread are covered. */
  readonly isCovered: Uint8Array;
  /** What others save where this thread is practised with at least so many layers, class by class; null where it covers none. */
  readonly savings: readonly (readonly { readonly layers: number; readonly minutes: number }[])[] | null;
}

/** Adds up what all threads but one use. */
function roomBeside({ instance, graphs, coversOf, covers }: Loom, cloth: Cloth, me: number): Room {
  const { classes, capacity, newPerClass } = instance;
  const minutes = Float64Array.from(capacity);
  const fresh = Float64Array.from(newPerClass);
  const isCovered = new Uint8Array(classes);
  const isForm = covers.some(({ form }) => form === me);
  const savings = isForm ? Array.from({ length: classes }, () => [] as { layers: number; minutes: number }[]) : null;
  const isAt = (form: number, layers: number, at: number) =>
    layersIn(graphs[form] as (typeof graphs)[number], cloth[form] ?? [], at) >= layers;
  for (let other = 0; other < graphs.length; other += 1) {
    if (other === me) continue;
    const { steps } = graphs[other] as (typeof graphs)[number];
    const covering = coversOf[other] ?? [];
    for (const step of cloth[other] ?? []) {
      const at = shortAt(steps.class, step);
      const takes = floatAt(steps.minutes, step);
      const isReview = steps.before[step] === steps.after[step];
      if (covering.length > 0 && isReview) {
        if (covering.some(({ form, layers }) => form !== me && isAt(form, layers, at))) continue;
        for (const { form, layers } of covering) if (form === me) savings?.[at]?.push({ layers, minutes: takes });
      }
      minutes[at] = floatAt(minutes, at) - takes;
      fresh[at] = floatAt(fresh, at) - floatAt(steps.fresh, step);
    }
  }
  for (const { form, thread, layers } of covers) {
    if (thread !== me) continue;
    for (let at = 0; at < classes; at += 1) if (isAt(form, layers, at)) isCovered[at] = 1;
  }
  return { minutes, fresh, isCovered, savings };
}

/**
 * Where the others fit only because a thread covers them, it must not stay away: for each class, how many such come before it.
 * @returns null where there are none
 */
function mustsIn(left: Float64Array): Int16Array | null {
  if (left.every((one) => one >= -HAIR)) return null;
  const musts = new Int16Array(left.length + 1);
  left.forEach((one, at) => {
    musts[at + 1] = shortAt(musts, at) + (one < -HAIR ? 1 : 0);
  });
  return musts;
}

/** When my layers may come at the earliest, and which of them others wait for. */
function deadlines({ instance, graphs, waitsOf, waitedFor }: Loom, cloth: Cloth, me: number) {
  const { classes } = instance;
  const { layers } = graphs[me]?.thread ?? { layers: 0 };
  const earliest = new Float64Array(layers + 1);
  for (const { mine, other, layers: wanted } of waitsOf[me] ?? []) {
    const graph = graphs[other] as (typeof graphs)[number];
    const from = reachedIn(graph, cloth[other] ?? [], wanted) + 1;
    for (let layer = mine; layer <= layers; layer += 1) earliest[layer] = Math.max(floatAt(earliest, layer), from);
  }
  /** The layers that must be there before each class, and at the end. */
  const before = new Int16Array(classes + 1);
  for (const { me: waiting, mine, layers: wanted } of waitedFor[me] ?? []) {
    const begins = reachedIn(graphs[waiting] as (typeof graphs)[number], cloth[waiting] ?? [], mine);
    for (let at = begins; at <= classes; at += 1) before[at] = Math.max(shortAt(before, at), wanted);
  }
  return { earliest, before };
}

/**
 * The cheapest way of one thread through what the others leave, which neither breaks a rule of theirs nor one of its own.
 * @param extra what each step costs besides: it keeps what is scarce for those that need it, and makes threads wish for other ways
 * @returns null where the others leave no way, not even to be left out: one of them builds on it
 */
export function placeThread(loom: Loom, cloth: Cloth, me: number, extra: Float64Array | null): ThreadPath | null {
  const graph = loom.graphs[me] as (typeof loom.graphs)[number];
  const { steps } = graph;
  const room = roomBeside(loom, cloth, me);
  const { earliest, before } = deadlines(loom, cloth, me);
  const price = new Float64Array(steps.count);
  for (let step = 0; step < steps.count; step += 1) {
    const at = shortAt(steps.class, step);
    const from = shortAt(steps.before, step);
    const to = shortAt(steps.after, step);
    let takes = floatAt(steps.minutes, step);
    if (from === to && room.isCovered[at] === 1) takes = 0;
    for (const saving of room.savings?.[at] ?? []) if (to >= saving.layers) takes -= saving.minutes;
    const isLegal =
      takes <= floatAt(room.minutes, at) + HAIR &&
      floatAt(steps.fresh, step) <= floatAt(room.fresh, at) + HAIR &&
      from >= shortAt(before, at) &&
      (to === from || at >= floatAt(earliest, to));
    const sum = floatAt(steps.cost, step) + (extra ? floatAt(extra, step) : 0);
    price[step] = isLegal ? sum : Number.POSITIVE_INFINITY;
  }
  return cheapestPath(graph, price, { least: shortAt(before, loom.instance.classes), musts: mustsIn(room.minutes) });
}
