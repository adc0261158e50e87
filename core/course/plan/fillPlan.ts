import type { Practice, WeaveInstance, WeavePlan, WeaveThread } from '../weave/graph/instance';
import { judgePlan } from '../weave/graph/judgePlan';

/** A class is filled up to this share of its room; the rest goes into doing things for longer. */
const FILLED = 0.9;
/** So many different things in half an hour at most, and so many in a short class all the same. */
const THINGS_IN_HALF_HOUR = 7;
const HALF_HOUR = 30;
const FEW_THINGS = 4;
/** From this priority on, a thread is a must. */
const MUST = 16;

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
    if (isLast && thread.priority >= MUST) return 0;
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

const withPractice = (plan: WeavePlan, id: string, practice: Practice): WeavePlan => ({
  ...plan,
  [id]: [...(plan[id] ?? []), practice].toSorted((a, b) => a.class - b.class),
});

/** A principle is a focus on other lines, and no thing by itself. */
const isThing = ({ review }: WeaveThread): boolean => review.some((minutes) => minutes > 0);

/** The plan with one more practice, where no rule is broken by it. */
function added(instance: WeaveInstance, plan: WeavePlan, { thread, layers }: Filling, at: number): WeavePlan | null {
  const then = withPractice(plan, thread.id, { class: at, layers });
  return judgePlan(instance, then).faults.length <= judgePlan(instance, plan).faults.length ? then : null;
}

/** The last class runs every must: what is only wanted makes room for it there, the least wished for first. */
function runMusts(instance: WeaveInstance, plan: WeavePlan): WeavePlan {
  const at = instance.classes - 1;
  let filled = plan;
  const musts = inOrder(offeredIn(instance, plan, at), true).filter(({ thread }) => thread.priority >= MUST);
  for (const must of musts) {
    const wanted = instance.threads
      .filter(({ id, priority, pins = [] }) => {
        const path = filled[id] ?? [];
        const isReview = path.at(-1)?.class === at && path.at(-1)?.layers === path.at(-2)?.layers;
        return priority < MUST && isReview && !pins.some((pin) => pin.class === at);
      })
      .toSorted((a, b) => a.priority - b.priority);
    let without = filled;
    for (const next of [null, ...wanted]) {
      if (next) without = { ...without, [next.id]: (without[next.id] ?? []).filter((one) => one.class !== at) };
      const then = withPractice(without, must.thread.id, { class: at, layers: must.layers });
      if (judgePlan(instance, then).faults.length > judgePlan(instance, filled).faults.length) continue;
      filled = then;
      break;
    }
  }
  return filled;
}

/**
 * A plan without empty minutes: in each class what there is room for is practised besides, as far as no rule is broken by it.
 * Nothing that the plan has is taken away or moved, but what is only wanted makes room for a must in the last class.
 */
export function fillPlan(instance: WeaveInstance, plan: WeavePlan): WeavePlan {
  let filled = runMusts(instance, plan);
  for (let at = 0; at < instance.classes; at += 1) {
    const room = instance.capacity[at] ?? 0;
    const most = Math.max(FEW_THINGS, Math.round((THINGS_IN_HALF_HOUR * room) / HALF_HOUR));
    for (const filling of inOrder(offeredIn(instance, filled, at), at === instance.classes - 1)) {
      const things = instance.threads.filter(
        (thread) => isThing(thread) && filled[thread.id]?.some((one) => one.class === at),
      );
      const isFull = (judgePlan(instance, filled).minutes[at] ?? 0) >= room * FILLED || things.length >= most;
      if (isFull && isThing(filling.thread)) continue;
      filled = added(instance, filled, filling, at) ?? filled;
    }
  }
  return filled;
}
