import { missesPin, type WeaveInstance, type WeavePlan } from '../weave/graph/instance';
import { judgePlan } from '../weave/graph/judgePlan';

/** A change in the next so many classes is felt by everybody: it costs more than one later on. */
const SOON = 2;
const SOON_PRICE = 0.5;
const LATER_PRICE = 0.05;

/** Whether a plan holds as it is: no rule is broken, every pin honoured, and what was announced in its class. */
export function holdsAsItIs(instance: WeaveInstance, plan: WeavePlan): boolean {
  if (judgePlan(instance, plan).faults.length > 0) return false;
  return instance.threads.every((thread) => {
    const { id, known, announced = [] } = thread;
    const path = plan[id] ?? [];
    return (
      !missesPin(thread, path) &&
      announced.every(
        ({ layer, class: at }) => layer <= known || path.find(({ layers }) => layers >= layer)?.class === at,
      )
    );
  });
}

/**
 * An instance in which being otherwise than a plan has its price: what is woven from it changes little, and least in what comes next.
 * @param plan by the places of the instance's own classes
 */
export const keepingTo = (instance: WeaveInstance, plan: WeavePlan): WeaveInstance => ({
  ...instance,
  threads: instance.threads.map((thread) => ({
    ...thread,
    keep: {
      practices: plan[thread.id] ?? [],
      price: Array.from({ length: instance.classes }, (_, at) => (at < SOON ? SOON_PRICE : LATER_PRICE)),
    },
  })),
});
