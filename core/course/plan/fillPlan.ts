import type { WeaveInstance, WeavePlan, WeaveThread } from '../weave/graph/instance';
import { judgePlan } from '../weave/graph/judgePlan';

/** A class is filled up to this share of its room; the rest goes into doing things for longer. */
const FILLED = 0.9;
/** So many different things in half an hour at most. */
const THINGS_IN_HALF_HOUR = 7;
const HALF_HOUR = 30;

interface Filling {
  readonly thread: WeaveThread;
  /** Layers that are there by then. */
  readonly layers: number;
  /** Classes since it was practised. */
  readonly unseen: number;
  /** Classes since its last layer was introduced. */
  readonly age: number;
}

/** What could be practised besides in a class: all that is there and does not come in it yet. */
function offeredIn(instance: WeaveInstance, plan: WeavePlan, at: number): Filling[] {
  return instance.threads.flatMap((thread): Filling[] => {
    const path = plan[thread.id] ?? [];
    const before = path.filter((one) => one.class < at);
    const layers = before.at(-1)?.layers ?? thread.known;
    if (layers === 0 || path.length === 0 || path.some((one) => one.class === at)) return [];
    const introduced = before.findLast((one, place) => one.layers > (before[place - 1]?.layers ?? thread.known));
    return [{ thread, layers, unseen: at - (before.at(-1)?.class ?? -1), age: at - (introduced?.class ?? -99) }];
  });
}

/** A form's run first, then what is newest, then what has been unseen for longest; in the last class every must before all. */
function inOrder(fillings: readonly Filling[], isLast: boolean): Filling[] {
  const rank = ({ thread }: Filling): number => {
    if (isLast && thread.priority >= 16) return 0;
    return thread.kind === 'form' ? 1 : 2;
  };
  return fillings.toSorted(
    (a, b) =>
      rank(a) - rank(b) ||
      (Math.min(a.age, b.age) < 3 ? a.age - b.age : 0) ||
      b.unseen - a.unseen ||
      b.thread.priority - a.thread.priority,
  );
}

/**
 * A plan without empty minutes: in each class what there is room for is practised besides, as far as no rule is broken by it.
 * Nothing that the plan has is taken away or moved.
 */
export function fillPlan(instance: WeaveInstance, plan: WeavePlan): WeavePlan {
  let filled = plan;
  for (let at = 0; at < instance.classes; at += 1) {
    const isLast = at === instance.classes - 1;
    const room = instance.capacity[at] ?? 0;
    const most = isLast ? THINGS_IN_HALF_HOUR : Math.max(3, Math.round((THINGS_IN_HALF_HOUR * room) / HALF_HOUR));
    for (const { thread, layers } of inOrder(offeredIn(instance, filled, at), isLast)) {
      const judged = judgePlan(instance, filled);
      const things = Object.values(filled).filter((path) => path.some((one) => one.class === at)).length;
      const isMust = isLast && thread.priority >= 16;
      if (!isMust && ((judged.minutes[at] ?? 0) >= room * FILLED || things >= most)) break;
      const path = [...(filled[thread.id] ?? []), { class: at, layers }].toSorted((a, b) => a.class - b.class);
      const then = { ...filled, [thread.id]: path };
      if (judgePlan(instance, then).faults.length <= judged.faults.length) filled = then;
    }
  }
  return filled;
}
