import { floatAt, intAt, shortAt } from '../../../numbers/numberAt';
import type { WeaveInstance, WeavePlan, WeaveThread } from './instance';
import { type ThreadGraph, threadGraph } from './threadGraph';

/** Layer `mine` of a thread comes strictly after the class in which another reaches `layers`; threads by their place. */
export interface Link {
  readonly me: number;
  readonly mine: number;
  readonly other: number;
  readonly layers: number;
}

/** A form that covers the reviews of a thread where it is practised with at least so many layers; threads by their place. */
export interface Cover {
  readonly form: number;
  readonly thread: number;
  readonly layers: number;
}

/** An instance made ready to be woven: the graph of every thread, and what binds threads to each other. */
export interface Loom {
  readonly instance: WeaveInstance;
  readonly graphs: readonly ThreadGraph[];
  readonly links: readonly Link[];
  readonly covers: readonly Cover[];
  /** For each thread, the covers of its reviews. */
  readonly coversOf: readonly (readonly Cover[])[];
  /** For each thread, the links in which it waits, and those in which others wait for it. */
  readonly waitsOf: readonly (readonly Link[])[];
  readonly waitedFor: readonly (readonly Link[])[];
}

/** The steps of every thread; none for a thread that is left out. */
export type Cloth = readonly (readonly number[])[];

/** Where the graph of a thread comes from: built, or kept from before. */
export type GraphOf = (thread: WeaveThread, instance: WeaveInstance) => ThreadGraph;

/** Makes an instance ready. What the group knows already is no obstacle, and makes no link. */
export function setUpLoom(instance: WeaveInstance, graphOf: GraphOf = threadGraph): Loom {
  const { threads } = instance;
  const placeOf = new Map(threads.map(({ id }, place) => [id, place]));
  const links = threads.flatMap(({ after, known }, me) =>
    after.flatMap(({ thread, layers, mine }): Link[] => {
      const other = placeOf.get(thread);
      if (other === undefined) return [];
      const isOpen = known < mine && (threads[other]?.known ?? 0) < layers;
      return isOpen ? [{ me, mine, other, layers }] : [];
    }),
  );
  const covers = threads.flatMap(({ covers: covered = {} }, form) =>
    Object.entries(covered).flatMap(([id, layers]): Cover[] => {
      const thread = placeOf.get(id);
      return thread === undefined ? [] : [{ form, thread, layers }];
    }),
  );
  return {
    instance,
    graphs: threads.map((thread) => graphOf(thread, instance)),
    links,
    covers,
    coversOf: threads.map((_, place) => covers.filter(({ thread }) => thread === place)),
    waitsOf: threads.map((_, place) => links.filter(({ me }) => me === place)),
    waitedFor: threads.map((_, place) => links.filter(({ other }) => other === place)),
  };
}

/** The class in which a thread reaches so many layers; endless where it never does. */
export function reachedIn(
  { steps: { after, class: at } }: ThreadGraph,
  path: readonly number[],
  layers: number,
): number {
  for (const step of path) if (shortAt(after, step) >= layers) return shortAt(at, step);
  return Number.POSITIVE_INFINITY;
}

/** The layers a thread is practised with in a class; -1 where it is not. */
export function layersIn({ steps: { after, class: at } }: ThreadGraph, path: readonly number[], k: number): number {
  for (const step of path) if (at[step] === k) return shortAt(after, step);
  return -1;
}

/** A plan in words of classes and layers, for people and for the judge. */
export function planOf({ graphs }: Loom, cloth: Cloth): WeavePlan {
  return Object.fromEntries(
    graphs.map(({ thread, steps }, place) => [
      thread.id,
      (cloth[place] ?? []).map((step) => ({ class: shortAt(steps.class, step), layers: shortAt(steps.after, step) })),
    ]),
  );
}

/** What the steps and the end of a thread cost by themselves. */
export function costOfPath(graph: ThreadGraph, path: readonly number[]): number {
  const { firstArc, arcTo, arcStep, arcCost, endCost, steps } = graph;
  let knot = 0;
  let cost = 0;
  for (const step of path) {
    let arc = intAt(firstArc, knot);
    while (arcStep[arc] !== step) arc += 1;
    knot = intAt(arcTo, arc);
    cost += floatAt(steps.cost, step) + floatAt(arcCost, arc);
  }
  return cost + floatAt(endCost, knot);
}

export const costOfCloth = ({ graphs }: Loom, cloth: Cloth): number =>
  graphs.reduce((sum, graph, place) => sum + costOfPath(graph, cloth[place] ?? []), 0);
