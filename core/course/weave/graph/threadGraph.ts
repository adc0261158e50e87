import {
  announcedCost,
  changedCost,
  freshOf,
  gapsOf,
  honours,
  introOf,
  LATE,
  leftOutCost,
  NEVER_PRACTISED,
  PIN_MISSED,
  stopsShort,
  unfinishedCost,
  unreachedCost,
  type WeaveInstance,
  type WeaveThread,
} from './instance';
import { stageAfter } from './stageAfter';

/**
 * Every way one thread can go through the classes, as a graph in typed arrays. A *step* is a way of being practised in a class: from
 * so many layers to so many, as a review or an introduction. A *knot* is how things stand after it: class, layers, stage. Knots are
 * in the order of their classes, so that one pass from the first to the last finds the cheapest path.
 */
export interface ThreadGraph {
  readonly thread: WeaveThread;
  readonly steps: Steps;
  /** The class of each knot; the first knot is before the course. */
  readonly knotClass: Int16Array;
  readonly knotLayers: Int16Array;
  /** What it costs to end at a knot; endless where something would fall due before the end. */
  readonly endCost: Float64Array;
  /** The arcs out of knot n are those from firstArc[n] to firstArc[n + 1]. */
  readonly firstArc: Int32Array;
  readonly arcTo: Int32Array;
  readonly arcStep: Int32Array;
  /** What an arc costs besides its step: pins that it passes over. */
  readonly arcCost: Float64Array;
}

/** The steps of a thread, as columns. */
export interface Steps {
  readonly count: number;
  readonly class: Int16Array;
  /** Layers before and after it. */
  readonly before: Int16Array;
  readonly after: Int16Array;
  readonly minutes: Float64Array;
  readonly fresh: Float64Array;
  readonly cost: Float64Array;
}

/** A knot while the graph is being built. */
interface Knot {
  readonly at: number;
  readonly layers: number;
  readonly stage: number;
  /** Layers the last practice added, where its second showing must be told from a plain review. */
  readonly added: number;
  /** Whether nothing was practised yet. */
  readonly isFirst: boolean;
}

/** Before the first class: nothing practised yet, or as a thread stands whose course has begun. */
function beginning({ known, standing }: WeaveThread, gaps: readonly number[]): Knot {
  if (!standing) {
    return { at: -1, layers: known, stage: known > 0 ? gaps.length - 1 : 0, added: 0, isFirst: true };
  }
  const stage = Math.min(standing.stage, gaps.length - 1);
  return { at: standing.last, layers: known, stage, added: standing.added, isFirst: false };
}

/** Gathers steps, each once. */
function gatherSteps(thread: WeaveThread, { amount, late = LATE }: WeaveInstance) {
  const numbers = new Map<string, number>();
  const rows: { at: number; before: number; after: number; minutes: number; fresh: number; cost: number }[] = [];
  const costOf = (at: number, before: number, after: number): number => {
    let cost = 0;
    for (let place = before; place < after; place += 1) {
      const { priority, ideal } = thread;
      cost += late * priority * (ideal ? Math.abs(at - (ideal[place] ?? at)) : at);
    }
    return cost;
  };
  return {
    rows,
    /** The number of a step: `shown` are the layers the practice before it had added. */
    stepOf(at: number, before: number, after: number, shown: number): number {
      const key = `${at} ${before} ${after} ${shown}`;
      const known = numbers.get(key);
      if (known !== undefined) return known;
      const practised = before > 0 ? (thread.review[before] ?? 0) * (amount?.[at] ?? 1) : 0;
      const second = (thread.second ?? 0) * introOf(thread, before - shown, before);
      const minutes = after > before ? practised + introOf(thread, before, after) : Math.max(practised, second);
      const cost = costOf(at, before, after);
      rows.push({ at, before, after, minutes, fresh: freshOf(thread, before, after), cost });
      numbers.set(key, rows.length - 1);
      return rows.length - 1;
    },
  };
}

/** Counts the pins of a thread that are passed over from one class up to another, and those a practice does not honour. */
function missedPins({ pins = [] }: WeaveThread) {
  const passed = (from: number, upTo: number): number =>
    pins.filter((pin) => pin.class >= from && pin.class < upTo).length;
  const at = (k: number, before: number, layers: number): number =>
    pins.filter((pin) => pin.class === k && !honours(pin, before, layers)).length;
  return Object.assign(passed, { at });
}

/** Builds the graph of a thread. Its size grows with classes x layers x stages: forty classes and twelve layers have 30,000 arcs. */
export function threadGraph(thread: WeaveThread, instance: WeaveInstance): ThreadGraph {
  const { classes } = instance;
  const { known, layers: most, keepWithin } = thread;
  const gaps = gapsOf(thread);
  const steps = gatherSteps(thread, instance);
  const begin = beginning(thread, gaps);
  // Knots of one class are gathered while those before it are left; so they come in the order of classes.
  const waiting: Map<string, Knot & { readonly into: number[] }>[] = Array.from({ length: classes }, () => new Map());
  const knots: Knot[] = [];
  const firstArc: number[] = [];
  const arcTo: number[] = [];
  const arcStep: number[] = [];
  const arcCost: number[] = [];
  const missed = missedPins(thread);
  const leave = (from: Knot): void => {
    firstArc.push(arcTo.length);
    knots.push(from);
    const gap = gaps[from.stage] ?? 1;
    // What is overdue may still be practised in the first class.
    const soon = Math.max(gap, -from.at);
    const reach = from.isFirst ? (known > 0 ? (gaps.at(-1) ?? 1) : classes) : soon;
    for (let wait = Math.max(1, -from.at); wait <= reach && from.at + wait < classes; wait += 1) {
      const at = from.at + wait;
      const upTo = Math.min(most, from.layers + (thread.most ?? 2));
      for (let layers = from.layers === 0 ? 1 : from.layers; layers <= upTo; layers += 1) {
        const added = layers - from.layers;
        const stage = stageAfter(instance, gaps, { ...from, wait, adds: added > 0 });
        const to: Knot = { at, layers, stage, added: thread.second === undefined ? 0 : added, isFirst: false };
        const key = `${layers} ${stage} ${to.added}`;
        const there = waiting[at]?.get(key) ?? { ...to, into: [] };
        waiting[at]?.set(key, there);
        there.into.push(arcTo.length);
        arcTo.push(-1);
        arcStep.push(steps.stepOf(at, from.layers, layers, from.added));
        arcCost.push(
          PIN_MISSED * (missed(from.at + 1, at) + missed.at(at, from.layers, layers)) +
            leftOutCost(thread, from.at + 1, at) +
            changedCost(thread, at, layers) +
            announcedCost(thread, from.layers, layers, at),
        );
      }
    }
  };
  leave(begin);
  for (const ofClass of waiting) {
    for (const { into, ...knot } of ofClass.values()) {
      for (const arc of into) arcTo[arc] = knots.length;
      leave(knot);
    }
  }
  firstArc.push(arcTo.length);
  const isKept = ({ at, stage, layers }: Knot) =>
    classes - 1 - at < (keepWithin ?? gaps[stage] ?? 1) && !stopsShort(thread, layers);
  const never = known > 0 ? NEVER_PRACTISED * thread.priority : 0;
  const endCosts = knots.map((knot) => {
    const after =
      PIN_MISSED * missed(knot.at + 1, classes) +
      leftOutCost(thread, knot.at + 1, classes) +
      unreachedCost(thread, knot.layers);
    if (knot === begin) return after + never + unfinishedCost(thread, known);
    return isKept(knot) ? after + unfinishedCost(thread, knot.layers) : Number.POSITIVE_INFINITY;
  });
  const { rows } = steps;
  return {
    thread,
    steps: {
      count: rows.length,
      class: Int16Array.from(rows, ({ at }) => at),
      before: Int16Array.from(rows, ({ before }) => before),
      after: Int16Array.from(rows, ({ after }) => after),
      minutes: Float64Array.from(rows, ({ minutes }) => minutes),
      fresh: Float64Array.from(rows, ({ fresh }) => fresh),
      cost: Float64Array.from(rows, ({ cost }) => cost),
    },
    knotClass: Int16Array.from(knots, ({ at }) => Math.max(-1, at)),
    knotLayers: Int16Array.from(knots, ({ layers }) => layers),
    endCost: Float64Array.from(endCosts),
    firstArc: Int32Array.from(firstArc),
    arcTo: Int32Array.from(arcTo),
    arcStep: Int32Array.from(arcStep),
    arcCost: Float64Array.from(arcCost),
  };
}
