import { fixtureWeave } from '../../testing/madeUpWeave';
import type { WeaveInstance, WeavePlan } from './graph/instance';
import { judgePlan } from './graph/judgePlan';
import { keepGraphs, repairWeave } from './repairWeave';
import { weave } from './weave';

const { instance } = fixtureWeave('b-18x12');
const ROUNDS = 30;
let plan: WeavePlan = {};
let rounds = 0;
for (const reached of weave(instance)) {
  plan = reached.plan;
  rounds += 1;
  if (reached.isBest || rounds > ROUNDS) break;
}

/** The instance with the first introduction of a thread pinned two classes later. */
function pulled(id: string): WeaveInstance {
  const first = plan[id]?.[0];
  if (!first) throw new Error(`${id} is not in the plan`);
  const pin = { class: Math.min(instance.classes - 1, first.class + 2), layers: first.layers, isNew: false };
  return { ...instance, threads: instance.threads.map((one) => (one.id === id ? { ...one, pins: [pin] } : one)) };
}

test('a plan that is pulled about is legal at once, and only becomes better', () => {
  const graphs = keepGraphs();
  const movable = instance.threads.filter(({ id, known }) => known === 0 && (plan[id]?.length ?? 0) > 1).slice(0, 6);
  expect(movable.length).toBeGreaterThan(2);
  for (const { id } of movable) {
    const asked = pulled(id);
    let before = Number.POSITIVE_INFINITY;
    let round = 0;
    for (const { plan: repaired, cost } of repairWeave(asked, plan, graphs)) {
      const judged = judgePlan(asked, repaired);
      expect(judged.faults).toEqual([]);
      expect(judged.cost).toBeCloseTo(cost, 6);
      expect(cost).toBeLessThanOrEqual(before + 1e-9);
      before = cost;
      round += 1;
      if (round === 4) break;
    }
  }
});

test('graphs of threads that are not pulled are the ones from before', () => {
  const graphs = keepGraphs();
  const [first, second] = instance.threads;
  if (!first || !second) throw new Error('two threads');
  const graph = graphs(first, instance);
  const other = { ...first, pins: [{ class: 1, layers: 1, isNew: true }] };
  expect(graphs(other, instance)).not.toBe(graph);
  expect(graphs(structuredClone(first), { ...instance, capacity: instance.capacity.map(() => 1) })).toBe(graph);
  expect(graphs(first, { ...instance, late: 0.5 })).not.toBe(graph);
});
