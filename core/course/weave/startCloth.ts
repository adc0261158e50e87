import { floatAt, intAt } from '../../numbers/numberAt';
import { missesPin, type Practice, type WeavePlan } from './graph/instance';
import type { Cloth, Loom } from './graph/loom';
import type { ThreadGraph } from './graph/threadGraph';
import { placeThread } from './placeThread';

/** The steps of a thread that goes through these practices; null where its own rules do not let it. */
function stepsOf(
  { firstArc, arcTo, arcStep, endCost, steps }: ThreadGraph,
  path: readonly Practice[],
): number[] | null {
  const taken: number[] = [];
  let knot = 0;
  for (const practice of path) {
    let arc = intAt(firstArc, knot);
    const end = intAt(firstArc, knot + 1);
    const isIt = (step: number) => steps.class[step] === practice.class && steps.after[step] === practice.layers;
    while (arc < end && !isIt(intAt(arcStep, arc))) arc += 1;
    if (arc === end) return null;
    taken.push(intAt(arcStep, arc));
    knot = intAt(arcTo, arc);
  }
  return Number.isFinite(floatAt(endCost, knot)) ? taken : null;
}

/**
 * A legal cloth to begin with, as near to a plan as may be: what of it still holds together is kept, thread by thread, and only then
 * what does not is put in anew.
 */
export function startCloth(loom: Loom, plan: WeavePlan): Cloth {
  const { graphs } = loom;
  const cloth: (readonly number[])[] = graphs.map(() => []);
  // What passes its own pins by is put in anew, and first: what is pinned is wished for more than anything that is there.
  const wanted = graphs.map((graph) => {
    const path = plan[graph.thread.id] ?? [];
    return missesPin(graph.thread, path) ? null : stepsOf(graph, path);
  });
  const isSame = (me: number, steps: readonly number[]) => steps.join() === wanted[me]?.join();
  /** Puts a thread in just as it was, where the others let it. */
  const keep = (me: number): boolean => {
    const steps = new Set(wanted[me]);
    const graph = graphs[me] as ThreadGraph;
    const only = new Float64Array(graph.steps.count).map((_, step) =>
      steps.has(step) ? -1e6 : Number.POSITIVE_INFINITY,
    );
    const path = placeThread(loom, cloth, me, only);
    if (!path || !isSame(me, path.steps)) return false;
    cloth[me] = path.steps;
    return true;
  };
  const isPinned = (me: number) => (graphs[me]?.thread.pins?.length ?? 0) > 0;
  const all = graphs.map((_, me) => me);
  const pulled = all.filter((me) => wanted[me] === null && isPinned(me));
  for (const me of pulled) cloth[me] = placeThread(loom, cloth, me, null)?.steps ?? [];
  let open = all.filter((me) => (wanted[me]?.length ?? 0) > 0);
  // What builds on others, or needs to be covered by them, comes in once they are there.
  for (let left = -1; left !== open.length; ) {
    left = open.length;
    open = open.filter((me) => !keep(me));
  }
  const lost = all.filter((me) => (wanted[me] === null && !pulled.includes(me)) || open.includes(me));
  for (const me of lost) cloth[me] = placeThread(loom, cloth, me, null)?.steps ?? [];
  return cloth;
}
