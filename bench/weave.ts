import { keepingTo } from '../core/course/plan/reflow';
import { writeArcs } from '../core/course/weave/arcProgramme';
import type { WeaveInstance, WeavePlan } from '../core/course/weave/graph/instance';
import { judgePlan } from '../core/course/weave/graph/judgePlan';
import { costOfCloth, setUpLoom } from '../core/course/weave/graph/loom';
import { keepGraphs, repairWeave } from '../core/course/weave/repairWeave';
import { type Weaving, weave } from '../core/course/weave/weave';
import { fixtureWeave } from '../core/testing/madeUpWeave';
import { loadSolver } from '../server/threads/highsSolver';
import { weaveInThread } from '../server/threads/weaveInThread';

/** How near to the best there is a plan comes in so many seconds, on the weaves kept for it. */

const RUNS: readonly (readonly [string, number])[] = [
  ['a-12x10', 3],
  ['b-18x12', 3],
  ['c-24x12', 3],
  ['d-24x24', 3],
  ['d-24x24', 15],
  ['e-40x24', 10],
  ['f-60x40', 30],
  ['f-60x40', 60],
];

/** The same instances put whole before a general exact solver, with a limit. */
const EXACT: readonly (readonly [string, number])[] = [
  ['a-12x10', 20],
  ['b-18x12', 20],
  ['c-24x12', 40],
  ['d-24x24', 60],
];

async function solveWhole(): Promise<void> {
  console.log('whole      arcs    limit      cost  by a general exact solver');
  for (const [name, seconds] of EXACT) {
    const loom = setUpLoom(fixtureWeave(name).instance);
    const solve = await loadSolver(() => Number.POSITIVE_INFINITY);
    const { programme, clothOf } = writeArcs(loom);
    const begin = performance.now();
    const answer = solve(programme, seconds);
    const took = ((performance.now() - begin) / 1000).toFixed(1);
    const arcs = loom.graphs.reduce((sum, { arcTo }) => sum + arcTo.length, 0);
    const cost = answer ? costOfCloth(loom, clothOf(answer.chosen)).toFixed(2) : 'none';
    const words = answer?.isProven ? `proven after ${took} s` : 'not proven';
    console.log(`${name.padEnd(10)} ${String(arcs).padEnd(7)} ${seconds} s  ${cost.padStart(9)}  ${words}`);
  }
}

const percent = (part: number, whole: number): string => `${((100 * part) / Math.max(1, whole)).toFixed(2)} %`;

async function main(): Promise<void> {
  console.log('weave      seconds      cost     bound  above the bound  bound of the reference');
  for (const [name, seconds] of RUNS) {
    const { instance, reference } = fixtureWeave(name);
    const { plan, cost, bound }: Weaving = await weaveInThread({ instance, seconds });
    const { faults } = judgePlan(instance, plan);
    const figures = [cost.toFixed(2), bound.toFixed(2)].map((figure) => figure.padStart(9)).join(' ');
    const above = percent(cost - bound, bound).padStart(16);
    const ofReference = percent(bound, reference?.bound ?? 0).padStart(23);
    console.log(
      `${name.padEnd(10)} ${String(seconds).padStart(7)} ${figures} ${above} ${ofReference} ${faults.join('; ')}`,
    );
  }
}

/** Forty threads in forty classes, as a large course is pulled about by hand. */
function largeWeave(): WeaveInstance {
  const { instance } = fixtureWeave('f-60x40');
  const threads = instance.threads.slice(0, 40);
  const ids = new Set(threads.map(({ id }) => id));
  return {
    ...instance,
    threads: threads.map((one) => ({ ...one, after: one.after.filter(({ thread }) => ids.has(thread)) })),
  };
}

/** How soon a legal plan is there once a knot is pulled to another class, and how soon a better one, with warm graphs. */
function pulled(): void {
  const instance = largeWeave();
  let plan: WeavePlan = {};
  let round = 0;
  for (const reached of weave(instance)) {
    plan = reached.plan;
    round += 1;
    if (round > 40) break;
  }
  const graphs = keepGraphs();
  console.log('pulled      first legal after  better after   cost');
  for (const [time, { id }] of instance.threads
    .filter(({ known }) => known === 0)
    .slice(0, 5)
    .entries()) {
    const at = plan[id]?.[0];
    if (!at) continue;
    const pin = { class: Math.min(instance.classes - 1, at.class + 1), layers: at.layers, isNew: true };
    const asked = {
      ...instance,
      threads: instance.threads.map((one) => (one.id === id ? { ...one, pins: [pin] } : one)),
    };
    const begin = performance.now();
    const costs: number[] = [];
    let firstMs = 0;
    for (const { cost } of repairWeave(keepingTo(asked, plan), plan, graphs)) {
      if (costs.length === 0) firstMs = performance.now() - begin;
      costs.push(cost);
      if (performance.now() - begin > 1000) break;
    }
    const name = time === 0 ? 'cold' : 'warm';
    const [first = 0, last = 0] = [costs[0], costs.at(-1)];
    console.log(
      `${name.padEnd(10)} ${firstMs.toFixed(0).padStart(15)} ms  1000 ms  ${first.toFixed(1)} then ${last.toFixed(1)}`,
    );
  }
}

void main().then(pulled).then(solveWhole);
